<?php

declare(strict_types=1);

namespace App\Typing;

use Geodex\Core\Calculators\RunningGear\GearPage;
use Geodex\Core\Settings\Provenances;
use Geodex\Core\Survey\Reading\ReadingKinds;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;
use Geodex\Core\Words\StateWords;
use Illuminate\Routing\Router;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionParameter;

/** Reads the classes in Http/Props and the named routes, and writes what TypeScript must know of them. */
final readonly class TypeScriptWriter
{
    private const HEAD = "// Written by `php artisan geodex:types` from the PHP side; do not edit.\n\n";

    public function __construct(private Router $router, private DocTypes $types) {}

    public function props(): string
    {
        $text = self::HEAD;
        foreach (glob(app_path('Http/Props/*Props.php')) ?: [] as $file) {
            /** @var class-string $class */
            $class = 'App\\Http\\Props\\'.basename($file, '.php');
            $text .= $this->interface(new ReflectionClass($class))."\n";
        }

        foreach ([Sentence::class, Measure::class] as $class) {
            $text .= $this->interface(new ReflectionClass($class))."\n";
        }

        return rtrim($text)."\n";
    }

    public function routes(): string
    {
        $paths = [];
        foreach ($this->router->getRoutes()->getRoutes() as $route) {
            $name = $route->getName();
            if ($name !== null && preg_match('/^(storage\.|generated::|login\.store)/', $name) !== 1) {
                $paths[$name] = '/'.ltrim($route->uri(), '/');
            }
        }
        ksort($paths);
        $lines = implode('', array_map(fn (string $name, string $path): string => "    '$name': '$path',\n", array_keys($paths), $paths));
        $lines = (string) preg_replace("/^    '(\w+)':/m", '    $1:', $lines);

        return self::HEAD."export const routes = {\n$lines} as const;\n";
    }

    /** What the screen must know of the kinds of readings. */
    public function kinds(): string
    {
        $lines = '';
        foreach (ReadingKinds::all() as $kind) {
            $lines .= "    { name: '{$kind::name()}', word: '{$kind::word()}', example: '{$kind::example()}', label: '{$kind::label()}', coordinate: ".json_encode($kind::coordinate())." },\n";
        }

        return self::HEAD."/** The kinds of readings, how each is called, and the coordinate that it reads off the bench: 0 along, 1 across, 2 up. */\nexport const kinds: { name: string; word: string; example: string; label: string; coordinate: 0 | 1 | 2 | null }[] = [\n$lines];\n";
    }

    /** Where each number comes from, as the class that computes it says. */
    public function provenance(): string
    {
        $lines = '';
        foreach (Provenances::all() as $name => $one) {
            $told = array_diff_key(get_object_vars($one), ['name' => '']);
            $lines .= "    $name: ".json_encode($told, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES).",\n";
        }

        return self::HEAD."/** Where each number comes from: its formula with what goes into it, where that is from, up to where it holds. */\nexport const provenance = {\n$lines} as const;\n";
    }

    /** Words that a screen and the papers have in common. */
    public function words(): string
    {
        $told = fn (mixed $all): string => json_encode($all, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
        $pages = array_map(fn (GearPage $page): array => ['key' => $page->value, 'label' => $page->label(), 'isOfRunSheet' => $page->isOfRunSheet()], GearPage::cases());

        return self::HEAD."/** How a value stands to its limit, by shape and word. */\nexport const states: Record<string, string> = {$told(StateWords::ALL)};\n\n/** The pages of sheets below the stages Running gear and Run sheet, in the order of the work. */\nexport const gearPages: { key: string; label: string; isOfRunSheet: boolean }[] = {$told($pages)};\n";
    }

    /** @param  ReflectionClass<object>  $class */
    private function interface(ReflectionClass $class): string
    {
        $lines = '';
        $doc = $this->types->parameters($class);
        foreach ($class->getConstructor()?->getParameters() ?? [] as $parameter) {
            $lines .= "    {$parameter->getName()}: ".($doc[$parameter->getName()] ?? $this->native($parameter)).";\n";
        }

        return '/** '.$this->types->summary($class)." */\nexport interface {$class->getShortName()} {\n$lines}\n";
    }

    private function native(ReflectionParameter $parameter): string
    {
        $type = $parameter->getType();
        if (! $type instanceof ReflectionNamedType) {
            return 'unknown';
        }

        return $this->types->scalar(class_basename($type->getName())).($type->allowsNull() ? ' | null' : '');
    }
}
