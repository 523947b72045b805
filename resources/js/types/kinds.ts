// Written by `php artisan geodex:types` from the PHP side; do not edit.

/** The kinds of readings, how each is called, and the coordinate that it reads off the bench: 0 along, 1 across, 2 up. */
export const kinds: { name: string; word: string; example: string; label: string; coordinate: 0 | 1 | 2 | null }[] = [
    { name: 'tram', word: 'Tram', example: 'BL DR 1204', label: 'tram between two points', coordinate: null },
    { name: 'plan', word: 'Plan', example: 'p BL DR 1198', label: 'length between plumb-bob marks', coordinate: null },
    { name: 'height', word: 'Height', example: 'h BL 212.5', label: 'height above the bench', coordinate: 2 },
    { name: 'rise', word: 'Rise', example: 'r BL BR -3', label: 'height of the second point above the first', coordinate: null },
    { name: 'offset', word: 'Offset', example: 'o BL -390', label: 'distance right of the bench centreline', coordinate: 1 },
    { name: 'station', word: 'Station', example: 'x BL 1500', label: 'distance along the bench', coordinate: 0 },
    { name: 'slope', word: 'Level', example: 'l BL BR 0.2', label: 'level laid from one point to another, degrees', coordinate: null },
    { name: 'angle', word: 'Angle', example: 'a AL BL BR 90', label: 'angle at the middle point between two tram lines, degrees', coordinate: null },
];
