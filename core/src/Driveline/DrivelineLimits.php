<?php

declare(strict_types=1);

namespace Geodex\Core\Driveline;

use Geodex\Core\Fields\Field;
use Geodex\Core\Shop\HasShopDefaults;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Shop\ShopDefault;

/** Guideline limits, each with where it comes from; the vehicle and joint makers' own figures come first. */
final readonly class DrivelineLimits implements HasShopDefaults
{
    /** Angles in degrees. */
    public function __construct(
        public float $maxJointAngle = 7.0,
        public float $minJointAngle = 0.5,
        public float $maxDifference = 1.0,
        public float $maxResidual = 3.0,
        public float $maxSpeedShare = 0.75,
    ) {}

    public static function of(Shop $shop): self
    {
        return new self(...array_map($shop->value(...), self::shopDefaults()));
    }

    public static function shopDefaults(): array
    {
        return [
            self::degrees('maxJointAngle', 'Greatest joint angle at ride height', 7.0, 'Shop guideline for a shaft at road speed; the joint maker\'s figure comes first.'),
            self::degrees('minJointAngle', 'Least joint angle', 0.5, 'Seherr-Thoss et al., Universal Joints and Driveshafts: needle rollers must roll, or they dent their races.'),
            self::degrees('maxDifference', 'Greatest difference of the two joint angles', 1.0, 'Shop guideline: the angles of the two joints equal within one degree.'),
            self::degrees('maxResidual', 'Greatest uncancelled angle', 3.0, 'SAE AE-7, Universal Joint and Driveshaft Design Manual: residual of the joint angles; shop guideline 3 degrees.'),
            new ShopDefault('Driveline', Field::number('maxSpeedShare', 'Greatest share of the critical speed', help: '0.75 is 75 %.')->between(0.1, 1.0)->defaults(0.75), 'docs/formulas.md, "Driveline": stay below 75 % of the first critical speed.'),
        ];
    }

    /** Whose value it is, as a result says it in brackets. */
    public function whose(string $name): string
    {
        foreach (self::shopDefaults() as $default) {
            if ($default->name() === $name) {
                return (new Shop([
                    'maxJointAngle' => $this->maxJointAngle, 'minJointAngle' => $this->minJointAngle, 'maxDifference' => $this->maxDifference,
                    'maxResidual' => $this->maxResidual, 'maxSpeedShare' => $this->maxSpeedShare,
                ]))->whose($default);
            }
        }

        throw new \LogicException("There is no driveline limit $name.");
    }

    private static function degrees(string $name, string $label, float $usual, string $source): ShopDefault
    {
        return new ShopDefault('Driveline', Field::number($name, $label, '°')->between(0.0, 90.0)->defaults($usual), $source);
    }
}
