import type { UserProps } from '@/types/props';

declare module '@inertiajs/core' {
    interface InertiaConfig {
        sharedPageProps: { user: UserProps | null; notice: string | null };
    }
}
