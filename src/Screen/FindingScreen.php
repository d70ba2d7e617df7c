<?php

declare(strict_types=1);

namespace IronLatch\Screen;

use IronLatch\Board\Inspections;
use IronLatch\Core\Bench\Show\Showing;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspector;

/** One finding with its figures, and what each remedy would do to the others. */
final readonly class FindingScreen implements Screen
{
    public function __construct(private Inspections $inspections) {}

    public static function name(): string
    {
        return 'finding';
    }

    public function context(Look $look): array
    {
        $finding = $look->report->finding($look->open);
        $effects = [];
        foreach ($finding?->remedies() ?? [] as $index => $remedy) {
            try {
                $changed = $remedy->edit->apply($look->inspection->board);
                $after = Inspector::withRuleBook()->inspect($this->inspections->of($changed));
            } catch (\DomainException|\InvalidArgumentException $refused) {
                $effects[$index] = ['remedy' => $remedy, 'gone' => [], 'new' => [], 'verify' => [], 'refused' => $refused->getMessage()];
                continue;
            }
            $effects[$index] = [
                'remedy' => $remedy,
                'gone' => $look->report->findingsMissingFrom($after),
                'new' => $after->findingsMissingFrom($look->report),
                'verify' => $after->holdPointsMissingFrom($look->report),
                'refused' => null,
            ];
        }

        $alike = array_filter(
            null === $finding ? [] : $look->report->groupOf($look->open)->findings ?? [],
            static fn(Finding $one): bool => $one !== $finding,
        );

        return [
            'finding' => $finding,
            'effects' => $effects,
            'alike' => $alike,
            'can_be_shown' => null !== $finding && Showing::isOf($look->inspection, $finding),
        ];
    }
}
