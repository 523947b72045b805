<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\People\ChangePerson;
use App\Actions\People\InvitePerson;
use App\Actions\People\PasswordLinks;
use App\Models\AuditEntry;
use App\Models\Role;
use App\Models\User;
use App\Models\Workshop;
use App\People\MailAddress;
use Illuminate\Console\Command;
use Illuminate\Validation\ValidationException;

/** What the owner does on the page People, from the command line. */
final class ChangePeople extends Command
{
    protected $signature = 'geodex:person {email} {--invite= : into the shop of this name} {--name= : of who is invited} {--role= : technician, inspector or owner} {--deactivate} {--activate} {--link : to choose a password}';

    protected $description = 'Invite somebody, change a role, close or open an account, make a link to choose a password';

    public function handle(InvitePerson $invite, ChangePerson $change, PasswordLinks $links): int
    {
        $email = MailAddress::of((string) $this->argument('email'));
        $role = $this->option('role') === null ? null : Role::tryFrom((string) $this->option('role'));
        if ($email === null || ($this->option('role') !== null && $role === null)) {
            return $this->no('Give a mail address in plain letters, and a role of technician, inspector or owner.');
        }
        $person = User::query()->where('email', $email)->first();
        if ($this->option('invite') !== null) {
            $workshop = Workshop::query()->where('name', $this->option('invite'))->first();
            if ($workshop === null || $person !== null) {
                return $this->no($workshop === null ? 'There is no workshop of that name.' : 'Somebody has this address already.');
            }

            return $this->told($invite->handle($workshop, null, $email, (string) ($this->option('name') ?? strstr($email, '@', true)), $role ?? Role::Technician));
        }
        if ($person === null) {
            return $this->no('Nobody has this address.');
        }
        try {
            match (true) {
                $role !== null => $change->role($person, null, $role),
                (bool) $this->option('deactivate') => $change->deactivate($person, null),
                (bool) $this->option('activate') => $change->activate($person, null),
                default => null,
            };
        } catch (ValidationException $refused) {
            return $this->no($refused->getMessage());
        }
        if ($this->option('link')) {
            AuditEntry::note($person->workshop_id, null, 'link made', "{$person->name}, {$person->email}");

            return $this->told($person->invited_at === null ? $links->reset($person) : $links->invite($person, $person->workshop->name));
        }
        $person->refresh();
        $this->line("{$person->name}, {$person->email}, {$person->role->value}, ".($person->deactivated_at === null ? 'can log in' : 'closed'));

        return self::SUCCESS;
    }

    private function told(?string $link): int
    {
        $this->line($link ?? 'A link went out by mail.');

        return self::SUCCESS;
    }

    private function no(string $why): int
    {
        $this->error($why);

        return self::INVALID;
    }
}
