<?php

declare(strict_types=1);

namespace IronLatch\Screen;

use IronLatch\Board\Inspections;
use IronLatch\Core\Exchange\Firmware\PinTables;
use IronLatch\Core\Exchange\Firmware\ProgramChange;
use IronLatch\Core\Exchange\Firmware\ProgramFiles;
use IronLatch\Core\Exchange\Firmware\ProgramSize;
use IronLatch\Core\Exchange\Firmware\ProgramTables;
use IronLatch\Core\Exchange\Firmware\ProgramWords;
use IronLatch\Core\Exchange\Firmware\SketchChip;
use IronLatch\Core\Review\Inspection;
use IronLatch\Export\Handover;
use IronLatch\Export\ProgramExport;
use IronLatch\Storage\BoardStore;

/** The program of the board: what it will do, what it takes of the chip, its files, and what was built of it here. */
final readonly class ProgramScreen implements Screen
{
    private const MOST_SHOWN = 60;

    public function __construct(private BoardStore $store, private Inspections $inspections) {}

    public static function name(): string
    {
        return 'program';
    }

    public function context(Look $look): array
    {
        $inspection = $look->inspection;
        $plan = ProgramFiles::plan($inspection);
        $context = [
            'lines' => ProgramWords::of($inspection->board, $inspection->controls, $plan),
            'all' => ProgramWords::ofAll($inspection->board, $plan, ProgramFiles::watchdogMilliseconds($inspection)),
            'is_for' => ProgramFiles::isFor($inspection),
            'ways' => ProgramWords::ofWays($inspection),
            'tried' => SketchChip::of($inspection)?->tried(),
        ];
        if (!$context['is_for']) {
            return $context;
        }
        try {
            $tables = ProgramTables::of($plan);
        } catch (\DomainException $tooLarge) {
            return [...$context, 'too_large' => $tooLarge->getMessage()];
        }
        $before = $this->before($look);

        $files = self::files($inspection, $look->opened->revision->number());

        return [
            ...$context,
            'size' => ProgramFiles::isByRegisters($inspection)
                ? ProgramSize::of($tables, PinTables::of($inspection, $tables))
                : null,
            'change' => null === $before ? null : ProgramChange::between($before, $inspection),
            'own_files' => array_filter($files, static fn(string $path): bool => !ProgramFiles::isShared($path), ARRAY_FILTER_USE_KEY),
            'shared_files' => array_filter($files, ProgramFiles::isShared(...), ARRAY_FILTER_USE_KEY),
            'differs' => null === $before || !ProgramFiles::isFor($before)
                ? null
                : self::differs(self::header(self::files($before, null)), self::header($files)),
        ];
    }

    private function before(Look $look): ?Inspection
    {
        $base = $look->opened->revision->base();

        return null === $base ? null : $this->inspections->of($this->store->at($look->opened->record, $base->id())->board);
    }

    /**
     * @return array<string, string> texts by path
     */
    private static function files(Inspection $inspection, ?int $revision): array
    {
        return ProgramExport::files(new Handover($inspection, '2000-01-01', $revision));
    }

    /**
     * @param array<string, string> $files
     */
    private static function header(array $files): string
    {
        foreach ($files as $path => $text) {
            if (str_ends_with($path, 'constants.h')) {
                return $text;
            }
        }

        return '';
    }

    /**
     * What of a header is said otherwise than before, remarks aside.
     *
     * @return array{gone: list<string>, new: list<string>}
     */
    private static function differs(string $before, string $after): array
    {
        $lines = static fn(string $text): array => array_values(array_filter(
            array_map(trim(...), explode("\n", $text)),
            static fn(string $line): bool => '' !== $line && !str_starts_with($line, '//') && !str_contains($line, ' STAMP[]'),
        ));

        return [
            'gone' => array_slice(array_values(array_diff($lines($before), $lines($after))), 0, self::MOST_SHOWN),
            'new' => array_slice(array_values(array_diff($lines($after), $lines($before))), 0, self::MOST_SHOWN),
        ];
    }
}
