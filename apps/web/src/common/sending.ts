import type { FieldValues, Path, UseFormSetError } from 'react-hook-form';
import { Refused } from '../api/http.js';

/** Sends what a form holds. What the server refuses stands beside its field, and once for the whole form. */
export async function sending<Values extends FieldValues>(
  setError: UseFormSetError<Values>,
  send: () => Promise<void>,
): Promise<void> {
  try {
    await send();
  } catch (error) {
    if (error instanceof Refused) {
      for (const { field, message } of error.fields) setError(field as Path<Values>, { message });
    }
    setError('root', { message: error instanceof Error ? error.message : String(error) });
  }
}
