// Written by `php artisan geodex:types` from the PHP side; do not edit.

/** How a value stands to its limit, by shape and word. */
export const states: Record<string, string> = {"in":"○ within","out":"■ out","over":"■ over","short":"■ too little","touches":"■ touches","binds":"■ binds","out of reach":"■ out of reach","still":"◌ too straight","unsure":"◌ unsure","unchecked":"◌ unchecked"};

/** The pages of sheets below the stage Running gear, in the order of the work. */
export const gearPages: { key: string; label: string }[] = [{"key":"shafts","label":"Shafts"},{"key":"run-out","label":"Run-out"},{"key":"axles","label":"Axles"},{"key":"links","label":"Links"},{"key":"steering","label":"Steering"},{"key":"mounts","label":"Mounts"},{"key":"weights","label":"Springs and weights"},{"key":"clearance","label":"Clearance"}];
