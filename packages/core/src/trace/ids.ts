/** A string that the compiler keeps apart from other strings; at run time it is the bare id. */
type Branded<Name extends string> = string & { readonly __brand: Name };

export type TraceId = Branded<'trace'>;
export type SittingId = Branded<'sitting'>;
export type ChildId = Branded<'child'>;
export type OwnTaskId = Branded<'own-task'>;
export type StaffId = Branded<'staff'>;
