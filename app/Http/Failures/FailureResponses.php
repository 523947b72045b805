<?php

declare(strict_types=1);

namespace App\Http\Failures;

use App\Actions\Saving\StaleSave;
use App\Actions\Survey\CannotRecord;
use App\Documents\UnreadableJob;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\JobFile\InvalidFile;
use Illuminate\Database\QueryException;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Inertia\Inertia;
use Symfony\Component\HttpFoundation\Response as SymfonyResponse;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** Turns failures into answers that say what to do. */
final readonly class FailureResponses
{
    private const DATABASE = 'The database does not answer. What you typed is kept on this screen; try again in a moment, or ask whoever runs the server.';

    private const TAKEN = 'Somebody else took that name a moment ago. Choose another.';

    private const BUSY = 'Too many are writing at this moment. It is tried again by itself.';

    private const SESSION = 'Your session has ended. Log in again; what you typed is kept on this screen.';

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([StaleSave::class, \Geodex\Core\Failure\Refusal::class, UnreadableJob::class]);
        $exceptions->render(fn (UnreadableJob $failure, Request $request) => self::unreadable($failure, $request));
        $exceptions->render(fn (StaleSave $stale, Request $request) => self::stale($stale, $request));
        $exceptions->render(fn (CoreFailure $failure, Request $request) => self::refusal($failure, $request));
        $exceptions->render(fn (UniqueConstraintViolationException $failure, Request $request) => self::taken($request));
        $exceptions->render(fn (QueryException $failure, Request $request) => self::database($failure, $request));
        $exceptions->render(fn (PostTooLargeException $failure, Request $request) => self::tooLarge($request));
        $exceptions->render(fn (HttpException $failure, Request $request) => $failure->getStatusCode() === 419 ? self::expired($request) : null);
    }

    private static function refusal(CoreFailure $failure, Request $request): JsonResponse|RedirectResponse
    {
        $problems = match (true) {
            $failure instanceof InvalidFile => $failure->problems(),
            $failure instanceof InvalidFields => $failure->problems(),
            default => [],
        };
        if ($request->expectsJson() && ! $request->headers->has('X-Inertia')) {
            return new JsonResponse(['code' => $failure->errorCode(), 'message' => $failure instanceof InvalidFields ? implode(' ', array_map(ucfirst(...), array_column($failure->problems(), 'message'))) : $failure->getMessage(), 'problems' => $problems], $failure->errorCode() === CannotRecord::ID_TAKEN ? 409 : 422);
        }
        $errors = [];
        foreach ($problems as $i => $problem) {
            $errors["problem.$i"] = is_array($problem) ? "{$problem['path']}: {$problem['message']}" : (string) $problem;
        }

        return back()->withInput($request->except(['file', 'password']))->withErrors($errors === [] ? ['problem.0' => $failure->getMessage()] : $errors);
    }

    private static function stale(StaleSave $stale, Request $request): JsonResponse|RedirectResponse
    {
        return $request->expectsJson() && ! $request->headers->has('X-Inertia')
            ? new JsonResponse(['code' => 'stale', 'message' => $stale->getMessage(), 'revision' => $stale->revision(), 'differences' => $stale->differences()], 409)
            : back()->withInput($request->except(['file', 'password']))->withErrors(['problem.0' => $stale->getMessage()]);
    }

    /** Two people gave the same name at the same moment; the check before it saw neither. */
    private static function taken(Request $request): JsonResponse|RedirectResponse
    {
        return $request->expectsJson() && ! $request->headers->has('X-Inertia')
            ? new JsonResponse(['code' => 'name.taken', 'message' => self::TAKEN], 422)
            : back()->withInput($request->except(['file', 'password']))->withErrors(['problem.0' => self::TAKEN, 'name' => self::TAKEN, 'code' => self::TAKEN]);
    }

    private static function unreadable(UnreadableJob $failure, Request $request): JsonResponse|SymfonyResponse
    {
        if ($request->expectsJson() && ! $request->headers->has('X-Inertia')) {
            return new JsonResponse(['code' => 'job.unreadable', 'message' => "This job cannot be read: {$failure->getMessage()}"], 422);
        }

        return Inertia::render('jobs/unreadable', [
            'title' => $failure->job->title,
            'because' => $failure->getMessage(),
            'file' => route('job.file', $failure->job->id),
            'archive' => route('job.archive', $failure->job->id),
            'canWork' => $request->user()?->can('work', $failure->job) ?? false,
        ])->toResponse($request)->setStatusCode(422);
    }

    private static function database(QueryException $failure, Request $request): JsonResponse|Response|null
    {
        // Classes 08 and HY000 with these numbers mean that nobody answered, not that the question was wrong.
        $unreachable = in_array($failure->errorInfo[1] ?? $failure->getCode(), [2002, 2003, 2006, 2013], true) || str_contains($failure->getMessage(), 'Connection refused') || str_contains($failure->getMessage(), 'gone away');
        // Deadlocks and waits for a lock that were tried again already: somebody is in the way, and will not be for long.
        $busy = in_array($failure->errorInfo[1] ?? null, [1205, 1213], true);
        if (! $unreachable && ! $busy) {
            return null;
        }
        $message = $busy ? self::BUSY : self::DATABASE;
        if ($request->expectsJson() && ! $request->headers->has('X-Inertia')) {
            return new JsonResponse(['code' => $busy ? 'database.busy' : 'database.unreachable', 'message' => $message], 503);
        }

        return new Response(view('trouble', ['title' => 'No answer from the database', 'message' => $message])->render(), 503);
    }

    private static function tooLarge(Request $request): RedirectResponse
    {
        // Comes before the session is read, so the message goes by the address.
        return redirect('/jobs?too-large=1');
    }

    private static function expired(Request $request): JsonResponse|RedirectResponse
    {
        return $request->expectsJson() && ! $request->headers->has('X-Inertia')
            ? new JsonResponse(['code' => 'session.expired', 'message' => self::SESSION], 419)
            : redirect('/login')->with('notice', self::SESSION);
    }
}
