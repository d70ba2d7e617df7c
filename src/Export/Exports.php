<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Review\Inspection;

/** Everything that a board hands over, by the word that asks for it. */
final readonly class Exports
{
    /** @var array<string, Export> by name */
    private array $exports;

    /** Whatever lies in this folder, so that the page and the command line, which has no container, know the same. */
    public function __construct()
    {
        $exports = [];
        foreach ((array) glob(__DIR__ . '/*Export.php') as $file) {
            $class = __NAMESPACE__ . '\\' . basename((string) $file, '.php');
            if (is_subclass_of($class, Export::class)) {
                $exports[$class::name()] = new $class();
            }
        }
        ksort($exports);
        $this->exports = $exports;
    }

    /**
     * @return list<string> the names of all kinds of exports
     */
    public function names(): array
    {
        return array_keys($this->exports);
    }

    /**
     * @return list<string> every word that this board can be asked for
     */
    public function of(Inspection $inspection): array
    {
        $words = [];
        foreach ($this->exports as $name => $export) {
            foreach ($export->subjects($inspection) as $subject) {
                $words[] = '' === $subject ? $name : $name . ':' . $subject;
            }
        }

        return $words;
    }

    public function title(string $word): string
    {
        return $this->exports[explode(':', $word)[0]]::title();
    }

    public function piece(string $word): Piece
    {
        return Piece::of($this->exports[explode(':', $word)[0]]::class);
    }

    /** Null when there is no such thing. */
    public function file(Handover $handover, string $word): ?ExportFile
    {
        [$name, $subject] = [...explode(':', $word, 2), ''];

        $export = $this->exports[$name] ?? null;

        return true === in_array($subject, $export?->subjects($handover->inspection) ?? [], true)
            ? $export->file($handover, $subject)
            : null;
    }

    /** A name that every file system takes. */
    public static function fileName(string $name, string $ending): string
    {
        $plain = strtolower(trim((string) preg_replace('/[^A-Za-z0-9]+/', '-', $name), '-'));

        return ('' === $plain ? 'board' : $plain) . '.' . $ending;
    }
}
