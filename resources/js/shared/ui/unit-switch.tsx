import type { Unit } from '@/shared/lib/format';
import { Segmented } from '@/shared/ui/segmented';

/** The unit that lengths are shown and typed in. */
export function UnitSwitch({ unit, onChange }: { unit: Unit; onChange: (unit: Unit) => void }) {
    return (
        <Segmented
            label="Unit"
            value={unit}
            onChange={onChange}
            choices={[
                { value: 'mm', label: 'mm' },
                { value: 'in', label: 'inch' },
            ]}
        />
    );
}
