<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Props\SquareCheckProps;
use App\Http\Requests\SquareCheckRequest;
use Geodex\Core\Bench\SquareCheck;
use Illuminate\Http\JsonResponse;
use Inertia\Inertia;
use Inertia\Response;

/** What one works out at the bench without a job. */
final class CalculatorController extends Controller
{
    public function show(): Response
    {
        return Inertia::render('calculator');
    }

    public function square(SquareCheckRequest $request): JsonResponse
    {
        $panel = $request->panel();

        return new JsonResponse(SquareCheckProps::from(SquareCheck::of($panel['diagonalA'], $panel['diagonalB'], $panel['length'], $panel['width'], $panel['sigma'], $panel['tolerance'], $panel['otherLength'], $panel['otherWidth'])));
    }
}
