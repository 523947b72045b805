// Written by `php artisan geodex:types` from the PHP side; do not edit.

/** How a value stands to its limit, by shape and word. */
export const states: Record<string, string> = {"in":"○ within","out":"■ out","over":"■ over","short":"■ too little","touches":"■ touches","binds":"■ binds","out of reach":"■ out of reach","still":"◌ too straight","unsure":"◌ unsure","unchecked":"◌ unchecked"};

/** The pages of sheets below the stages Running gear and Run sheet, in the order of the work. */
export const gearPages: { key: string; label: string; isOfRunSheet: boolean }[] = [{"key":"shafts","label":"Shafts","isOfRunSheet":false},{"key":"run-out","label":"Run-out","isOfRunSheet":false},{"key":"axles","label":"Axles","isOfRunSheet":false},{"key":"links","label":"Links","isOfRunSheet":false},{"key":"steering","label":"Steering","isOfRunSheet":false},{"key":"mounts","label":"Mounts","isOfRunSheet":false},{"key":"weights","label":"Springs and weights","isOfRunSheet":false},{"key":"clearance","label":"Clearance","isOfRunSheet":false},{"key":"welding","label":"Heat and filler","isOfRunSheet":true},{"key":"fasteners","label":"Fasteners","isOfRunSheet":true}];
