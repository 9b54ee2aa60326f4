import type { NewAdult, OfficeView } from '@dotting/contract';
import { useFormContext } from 'react-hook-form';
import { OneOf } from '../common/OneOf.js';
import { Several } from '../common/Several.js';
import { words } from '../wording/all.js';
import { roleChoices } from './roles.js';

/** What an adult does here and whose children she sees, in the form around it. */
export function RoleAndRooms({ office }: { readonly office: OfficeView }) {
  const { control, formState } = useFormContext<Pick<NewAdult, 'role' | 'rooms'>>();
  const { errors } = formState;
  return (
    <>
      <OneOf
        control={control}
        name="role"
        label={words.office.role()}
        options={roleChoices()}
        error={errors.role?.message}
      />
      <Several
        control={control}
        name="rooms"
        label={words.office.seesField()}
        options={office.rooms.map(({ id, name }) => [id, name])}
        error={errors.rooms?.message}
      />
    </>
  );
}
