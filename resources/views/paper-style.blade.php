            @php($fonts = $forPdf ? 'file://'.public_path('fonts') : '/fonts')
            @font-face { font-family: "Barlow"; font-weight: 400; src: url("{{ $fonts }}/barlow-latin-400-normal.ttf") format("truetype"); }
            @font-face { font-family: "Barlow"; font-weight: 600; src: url("{{ $fonts }}/barlow-latin-600-normal.ttf") format("truetype"); }
            @font-face { font-family: "Barlow"; font-weight: 700; src: url("{{ $fonts }}/barlow-latin-600-normal.ttf") format("truetype"); }
            @font-face { font-family: "Barlow Condensed"; font-weight: 600; src: url("{{ $fonts }}/barlow-condensed-latin-600-normal.ttf") format("truetype"); }
            @page { margin: 14mm 13mm 18mm; }
            body { font: 9.5pt/1.35 "Barlow", "DejaVu Sans", sans-serif; color: #14161f; margin: 0; }
            main { max-width: 190mm; margin: 0 auto; padding: 6mm; background: #fff; }
            h1, h2, h3 { font-family: "Barlow Condensed", "DejaVu Sans", sans-serif; font-weight: 600; }
            h1 { font-size: 19pt; margin: 0 0 1mm; }
            h2 { font-size: 14pt; margin: 7mm 0 2mm; border-bottom: 0.4mm solid #14161f; page-break-after: avoid; }
            h3 { font-size: 11.5pt; margin: 4mm 0 1mm; page-break-after: avoid; }
            table { width: 100%; border-collapse: collapse; margin: 1mm 0 3mm; }
            th { text-align: left; font-weight: bold; border-bottom: 0.3mm solid #14161f; padding: 0.6mm 1mm; font-size: 9pt; }
            td { border-bottom: 0.1mm solid #999; padding: 0.6mm 1mm; vertical-align: top; font-size: 9pt; }
            .n { text-align: right; white-space: nowrap; font-variant-numeric: tabular-nums; }
            .r { text-align: right; font-variant-numeric: tabular-nums; }
            .s { white-space: nowrap; }
            .facts td:first-child { width: 42mm; color: #444; }
            .caution { border: 0.4mm solid #14161f; padding: 2mm 3mm; margin: 3mm 0; }
            .sheet { page-break-before: always; }
            .big { font-size: 15pt; font-weight: bold; }
            .tick { width: 7mm; }
            img { width: 100%; }
            img.drawn { max-width: none; display: block; }
            .sign td { height: 12mm; vertical-align: bottom; }
            tr { page-break-inside: avoid; }
