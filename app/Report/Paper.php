<?php

declare(strict_types=1);

namespace App\Report;

use Dompdf\Dompdf;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** Sheets of paper in the application's own fonts, every page with its number, its job and what state of it it shows. */
final readonly class Paper
{
    private const FOOT_PT = 8;

    /** @param  string  $state  of the job that is printed, so that an older sheet is told from a newer */
    public function pdf(string $html, string $title, string $state): Response
    {
        $fonts = storage_path('framework/cache/fonts');
        if (! is_dir($fonts)) {
            mkdir($fonts, 0o755, true);
        }
        $pdf = new Dompdf(['isRemoteEnabled' => false, 'isPhpEnabled' => false, 'defaultFont' => 'DejaVu Sans', 'fontDir' => $fonts, 'fontCache' => $fonts, 'chroot' => [public_path('fonts')]]);
        $pdf->setPaper('A4');
        $pdf->loadHtml($html);
        $pdf->render();
        $font = $pdf->getFontMetrics()->getFont('Barlow', 'normal') ?? $pdf->getFontMetrics()->getFont('DejaVu Sans', 'normal') ?? '';
        $foot = Str::limit("$title – $state", 110, '…').' – page {PAGE_NUM} of {PAGE_COUNT}';
        $pdf->getCanvas()->page_text(40.0, 818.0, $foot, $font, self::FOOT_PT, [0.25, 0.27, 0.32]);

        return new Response((string) $pdf->output(), 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="'.(Str::slug($title) ?: 'job').'.pdf"']);
    }
}
