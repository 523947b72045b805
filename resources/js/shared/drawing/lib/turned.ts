/** How a frame is looked at: turned about its height, and tipped towards the eye (radians). */
export interface Turn {
    yaw: number;
    tip: number;
}

/** Where a place (mm) lies on the sheet, right and down, seen from far away; and how far from the eye. */
export function turned([x = 0, y = 0, z = 0]: number[], { yaw, tip }: Turn): { x: number; y: number; depth: number } {
    const [c, s] = [Math.cos(yaw), Math.sin(yaw)];
    const along = c * x + s * y;
    const away = -s * x + c * y;
    return { x: along, y: -(Math.cos(tip) * z + Math.sin(tip) * away), depth: Math.cos(tip) * away - Math.sin(tip) * z };
}
