<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Props\ToolProps;
use App\Http\Requests\ToolRequest;
use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Calculators\UnknownCalculator;
use Geodex\Core\Fields\FieldReader;
use Illuminate\Http\JsonResponse;
use Inertia\Inertia;
use Inertia\Response;

/** Quick tools: what one works out at the bench without a job. All of them come from the registry of core. */
final class ToolController extends Controller
{
    public function index(): Response
    {
        return Inertia::render('tools/index', ['tools' => array_map(ToolProps::from(...), Calculators::all())]);
    }

    public function show(string $tool): Response
    {
        return Inertia::render('tools/tool', ['tool' => ToolProps::from($this->named($tool)::class)]);
    }

    public function store(ToolRequest $request, string $tool): JsonResponse
    {
        $calculator = $this->named($tool);

        return new JsonResponse($calculator->calculate((new FieldReader($request->unit(), typed: true))->read($calculator::fields(), $request->values())));
    }

    private function named(string $name): Calculator
    {
        try {
            return Calculators::named($name);
        } catch (UnknownCalculator) {
            abort(404);
        }
    }
}
