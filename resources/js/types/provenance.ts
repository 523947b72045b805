// Written by `php artisan geodex:types` from the PHP side; do not edit.

/** Where each number comes from: its formula with what goes into it, where that is from, up to where it holds. */
export const provenance = {
    deviation: {"title":"Deviation","formula":"measured − chart, after all readings are adjusted together and the base points are laid on the chart","source":"Least squares: Mikhail & Ackermann, Observations and Least Squares","limit":"Frame taken as stiff while it is read; a chart as good as its sigma says."},
    expanded: {"title":"Uncertainty","formula":"± 1.96 σ: the true value lies inside in 95 of 100 cases; σ follows from the readings and their own σ","source":"S-transformation to the base points, Baarda","limit":""},
    verdict: {"title":"Verdict","formula":"within: |d| + 1.96 σ ≤ allowed; out: |d| − 1.96 σ > allowed; else undecided. Only where every explanation says so, and 1.96 σ ≤ 3 × allowed","source":"Decision with uncertainty, ISO 14253-1","limit":""},
    off: {"title":"Off","formula":"read − what all other readings say it should be","source":"Residual of the adjustment; for a reading that does not fit, without its own say","limit":""},
    standardised: {"title":"Standardised residual","formula":"w = v / (σ √r), suspect over 3.29 (one good reading in a thousand)","source":"Data snooping, Baarda; Ghilani, Adjustment Computations","limit":"Not judged where r ≤ 0.05: nothing else checks it."},
    detectable: {"title":"Smallest mistake that shows","formula":"(3.29 + 1.645) σ / √r: found in 95 of 100 cases","source":"Baarda, A Testing Procedure for Use in Geodetic Networks","limit":""},
    explanations: {"title":"Explanations","formula":"every smallest set of readings without which all checked others have |w| ≤ 3.29, and each of which then has |w| > 3.29","source":"Multiple alternative hypotheses, Förstner and Lehmann; data snooping, Baarda","limit":"Up to a quarter of the readings; past that “too many mistakes” is said."},
    datum: {"title":"Base points tested","formula":"T = dᵀ Σ⁻¹ d of each base point laid on the others, in doubt over 16.3 (χ² of 3 at 99.9 %); Σ with 1 mm of build scatter, or the shop’s own","source":"Congruence test; S-transformation, Baarda","limit":"Four base points at least."},
    next: {"title":"What it settles","formula":"ΣaᵀaΣ / (σ² + aΣaᵀ), summed over the undecided coordinates","source":"Sequential least squares, Mikhail & Ackermann","limit":""},
    toGo: {"title":"Readings to go","formula":"the best reading is taken, Σ shrinks as it would, the next best, … until no more is decided; then what checks the unchecked","source":"Sequential least squares, Mikhail & Ackermann; deviations are taken to stay as they are","limit":""},
    wheelbase: {"title":"Wheelbase","formula":"station of the rear axle − station of the front axle, each moved by the cuts before it","source":"docs/formulas.md, Stretch and shorten","limit":""},
    witness: {"title":"Witness marks","formula":"g + what comes out + g before, g + what goes in + g after","source":"docs/formulas.md, Stretch and shorten","limit":""},
    piece: {"title":"Piece to saw","formula":"insert: s + kerfs of the rail − n g + n δ; band between marks: s + g − δ","source":"docs/formulas.md, Stretch and shorten; δ by Blodgett, Design of Welded Structures, 0.10 A/t, or as measured","limit":"Free to shrink, a single V from one side. A clamped frame shrinks less: read the witness marks after tacking and after the root."},
    tube: {"title":"Tube to cut","formula":"(L₀ + e₀) − (L₁ + e₁): length with the slip just pulled apart, before less after","source":"docs/formulas.md, Driveline","limit":""},
    engagement: {"title":"Engagement","formula":"(L₁ + e₁) − distance between the joint centres at that height","source":"docs/formulas.md, Driveline","limit":""},
    variation: {"title":"Speed variation","formula":"(sec β − cos β) / 2 either way, at the steeper joint","source":"Seherr-Thoss, Schmelz & Aucktor, Universal Joints and Driveshafts","limit":""},
    joint: {"title":"Joint angle","formula":"cos β = u · v between the unit axes, in space","source":"Seherr-Thoss, Schmelz & Aucktor, Universal Joints and Driveshafts","limit":""},
    residual: {"title":"Uncancelled","formula":"θ = √|Σ ± β² e^{2iφ}|, φ the angle of each joint plane about the shaft","source":"SAE AE-7, Universal Joint and Driveshaft Design Manual","limit":""},
    critical: {"title":"Critical speed","formula":"n = 60 · π/8 · √(E/ρ) · √(D² + d²) / L², steel","source":"Beam vibration: Roark, Formulas for Stress and Strain","limit":"Ends simply held, tube even from joint to joint."},
    pull: {"title":"How far to pull","formula":"the amount of the pattern at the outermost pair, back to the reference; ± 1.96 σ","source":"docs/formulas.md, Findings","limit":"Steel springs back: pull past it, release, read again."},
    movement: {"title":"Movement","formula":"later − earlier, both laid on the base points; ± 1.96 √(σ₁² + σ₂²)","source":"Deformation analysis: Ghilani, Adjustment Computations","limit":""},
    turns: {"title":"Turns","formula":"all corners to the height h that makes Σ|h − hᵢ| least, within the stops; turns = change / pitch","source":"docs/formulas.md, Bench","limit":""},
    square: {"title":"Square","formula":"corners from sides and diagonals by least squares, the front beam held; rack s = (d₁² − d₂²) / (4 l)","source":"docs/formulas.md, Bench","limit":""},
    setting: {"title":"Push and lift","formula":"what is off is a line over station; each support moves by that line at its own station","source":"docs/formulas.md, Bench","limit":""},
} as const;
