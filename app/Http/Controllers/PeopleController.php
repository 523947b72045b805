<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\People\ChangePerson;
use App\Actions\People\InvitePerson;
use App\Actions\People\PasswordLinks;
use App\Http\Props\AuditEntryProps;
use App\Http\Props\PersonProps;
use App\Http\Requests\InvitationRequest;
use App\Models\AuditEntry;
use App\Models\Role;
use App\Models\User;
use App\People\Mails;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;

/** The people of a shop, for its owner. */
final class PeopleController extends Controller
{
    private const ENTRIES = 200;

    public function index(Request $request): Response
    {
        $me = $this->user($request);
        $this->authorize('update', $me->workshop);

        return Inertia::render('people', [
            'people' => array_values($me->workshop->users()->orderBy('name')->get()->map(fn (User $one): PersonProps => PersonProps::from($one, $me))->all()),
            'audit' => array_values(AuditEntry::query()->where('workshop_id', $me->workshop_id)->latest('id')->limit(self::ENTRIES)->get()->map(fn (AuditEntry $one): AuditEntryProps => AuditEntryProps::from($one))->all()),
            'mails' => Mails::areSent(),
            'link' => $request->session()->get('link'),
        ]);
    }

    public function store(InvitationRequest $request, InvitePerson $invite): RedirectResponse
    {
        $me = $this->user($request);
        $this->authorize('update', $me->workshop);

        return $this->told($invite->handle($me->workshop, $me, $request->email(), $request->name(), $request->role()), $request->name());
    }

    public function role(Request $request, User $person, ChangePerson $change): RedirectResponse
    {
        $this->authorize('manage', $person);
        $request->validate(['role' => ['required', Rule::enum(Role::class)]]);
        $change->role($person, $this->user($request), Role::from($this->text($request, 'role')));

        return back()->with('notice', "{$person->name} is {$person->role->value} now.");
    }

    public function activity(Request $request, User $person, ChangePerson $change): RedirectResponse
    {
        $this->authorize('manage', $person);
        $active = $request->boolean('active');
        $active ? $change->activate($person, $this->user($request)) : $change->deactivate($person, $this->user($request));

        return back()->with('notice', $active ? "{$person->name} can log in again." : "{$person->name} is out, and cannot log in any more. What they measured stays.");
    }

    /** A new link: for who forgot a password, or never got the first. */
    public function link(Request $request, User $person, PasswordLinks $links): RedirectResponse
    {
        $this->authorize('manage', $person);
        abort_if($person->deactivated_at !== null, 422, 'This account is closed.');
        $me = $this->user($request);
        AuditEntry::note($person->workshop_id, $me, 'link made', "{$person->name}, {$person->email}");

        return $this->told($person->invited_at === null ? $links->reset($person) : $links->invite($person, $me->name), $person->name);
    }

    private function told(?string $link, string $name): RedirectResponse
    {
        return $link === null ? back()->with('notice', "A link went to $name by mail.") : back()->with('link', ['for' => $name, 'href' => $link]);
    }
}
