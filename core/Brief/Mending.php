<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\SupplyForm;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\Report;
use IronLatch\Core\Review\Severity;

/** Makes the repairs that are choices, the heaviest finding first, until none is left. What only a person can promise or find out stays. */
final readonly class Mending
{
    /** Repairs that are made at the most. */
    private const MOST_STEPS = 40;

    /**
     * @param list<string> $leftAlone keys of findings that were there before
     * @param ?Board $built what stands already: its seats and its driver circuits are not touched
     */
    public function __construct(
        private Catalogue $catalogue,
        private Stock $stock,
        private array $leftAlone = [],
        private ?Board $built = null,
    ) {}

    /**
     * @param list<string> $tried keys of findings for which nothing was found before
     * @return array{Drafting, Inspection, Report, list<string>} with the keys of all that was tried by now
     */
    public function mended(Drafting $drafting, array $tried = []): array
    {
        $inspector = Inspector::withRuleBook();
        $failed = array_fill_keys([...$this->leftAlone, ...$tried], true);
        for ($step = 0;; ++$step) {
            $inspection = new Inspection($drafting->board, $this->catalogue, $this->stock->prices);
            $report = $inspector->inspect($inspection);
            $next = $step < self::MOST_STEPS ? $this->next($report, $drafting, $failed) : null;
            if (null === $next) {
                return [$drafting, $inspection, $report, array_map(strval(...), array_keys($failed))];
            }
            $drafting = $next;
        }
    }

    /**
     * @param array<string, true> $failed keys of findings that no choice repairs
     */
    private function next(Report $report, Drafting $drafting, array &$failed): ?Drafting
    {
        foreach ($report->findings as $finding) {
            if (isset($failed[$finding->key()]) || !self::weighs($finding)) {
                continue;
            }
            $failed[$finding->key()] = true;
            foreach ($this->repairs($report, $finding) as [$edit, $words]) {
                $mended = $drafting->tried($edit, $words);
                if ($mended !== $drafting && self::keepsItsKind($drafting->board, $mended->board) && $this->keepsWhatIsBuilt(
                    $mended->board,
                )) {
                    return $mended;
                }
            }
        }

        return null;
    }

    /** A draft never becomes one of another controller, form, box or place; nor are its hands, rules or limits made to suit it. */
    private static function keepsItsKind(Board $before, Board $after): bool
    {
        foreach (array_intersect_key($before->functions, $after->functions) as $id => $function) {
            if ($function->kind !== $after->functions[$id]->kind) {
                return false;
            }
        }

        return [] === array_diff(self::foreignSources($after), self::foreignSources($before))
            && self::limits($before) === self::limits($after)
            && $before->boxPlace() === $after->boxPlace()
            && $before->mcu->carrier === $after->mcu->carrier
            && $before->build->form() === $after->build->form()
            && $before->build->enclosure === $after->build->enclosure;
    }

    /**
     * @return list<mixed> by which its maker wants it to be judged
     */
    private static function limits(Board $board): array
    {
        $build = $board->build;

        return [
            $build->mostEuros?->value, $build->mostLengthMetres?->value, $build->mostWidthMetres?->value, $build->mostDifferent?->value,
            get_object_vars($board->houseRules),
        ];
    }

    /**
     * Sources that a draft may not count on, unless the brief has named them: a bus, a battery, a port that happens to be there.
     *
     * @return list<string> rails that hang on one
     */
    private static function foreignSources(Board $board): array
    {
        $foreign = [];
        foreach (array_keys($board->rails) as $rail) {
            $form = $board->feeder($rail) instanceof Supply ? $board->feeder($rail)->form : null;
            if (!in_array($form, [null, SupplyForm::EncapsulatedModule, SupplyForm::Adapter], true)) {
                $foreign[] = $rail;
            }
        }

        return $foreign;
    }

    private function keepsWhatIsBuilt(Board $after): bool
    {
        foreach ($this->built->seats ?? [] as $function => $seat) {
            if (isset($after->functions[$function]) && ($after->seats[$function]->pin ?? null) !== $seat->pin) {
                return false;
            }
        }
        foreach ($this->built?->actuators() ?? [] as $id => $relay) {
            if (isset($after->actuators()[$id]) && $after->actuator($id)->driver !== $relay->driver) {
                return false;
            }
        }

        return true;
    }

    private static function weighs(Finding $finding): bool
    {
        return null === $finding->root && null === $finding->acceptance && Severity::Hint !== $finding->severity;
    }

    /**
     * @return iterable<array{Edit, string}> repairs and their words
     */
    private function repairs(Report $report, Finding $finding): iterable
    {
        $isAlone = 1 >= count(array_filter($report->findings, static fn(Finding $one): bool => $one->rule->id === $finding->rule->id));
        $all = $isAlone ? null : $report->groupOf($finding->key())?->remedyForAll();
        foreach ([...null === $all ? [] : [$all], ...$finding->remedies()] as $remedy) {
            if (Nature::Choice === $remedy->nature()) {
                yield [$remedy->edit, Words::inText($remedy->title)];
            }
        }
    }
}
