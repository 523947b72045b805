<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Props\PartDrawingProps;
use App\Http\Requests\ToolRequest;
use App\Parts\PartFiles;
use App\Report\PartTemplate;
use App\Report\TemplateHead;
use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Calculators\UnknownCalculator;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Parts\PartDrawing;
use Geodex\Core\Parts\PartDrawings;
use Geodex\Core\Parts\PrinterScale;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;

/** What a quick tool draws, and the files of it, without a job. */
final class ToolFileController extends Controller
{
    public function drawings(ToolRequest $request, string $tool): JsonResponse
    {
        return new JsonResponse(array_map(PartDrawingProps::from(...), $this->of($request, $tool)));
    }

    public function file(ToolRequest $request, string $tool, int $drawing, string $kind): Response
    {
        $drawings = $this->of($request, $tool);
        $one = $drawings[$drawing] ?? abort(404);
        $name = PartFiles::name($tool, $one->name);
        if ($kind === 'dxf') {
            return PartFiles::dxf($one, $name, null, null);
        }
        if ($kind === 'svg') {
            return PartFiles::svg($one, $name);
        }
        $head = new TemplateHead(Calculators::named($tool)::title(), 'Without a job', '', 'none', Carbon::now()->format('Y-m-d H:i').' UTC', $this->user($request)->name, '');
        $scale = $request->filled('across') ? PrinterScale::measured($request->float('across'), PartTemplate::BAR_ACROSS, $request->float('up'), PartTemplate::BAR_UP) : PrinterScale::unmeasured();

        return PartFiles::template($drawings, $name, $head, $scale);
    }

    /** @return list<PartDrawing> */
    private function of(ToolRequest $request, string $tool): array
    {
        abort_unless(PartDrawings::draws($tool), 404);
        try {
            $calculator = Calculators::named($tool);
        } catch (UnknownCalculator) {
            abort(404);
        }
        $values = (new FieldReader($request->unit(), typed: true))->read($calculator::fields(), $request->values());

        return PartDrawings::of($tool, array_filter($values->toArray(), fn (mixed $one): bool => $one !== null));
    }
}
