<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\HoldPoint;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Wall switch that is not freed of mains. */
final class SwitchNotFreed implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.switch-not-freed',
            version: 2,
            title: 'Wall switch or selector that is not freed of mains',
            severities: [Severity::Danger],
            reason: 'A wall switch or a fan’s selector that is used again becomes a low-voltage input. A mains wire that was left in '
                . 'its box makes the whole low-voltage side live.',
            threshold: 'wall switches, knobs and selectors used again are freed of mains altogether; verified on each copy',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'no wall switch, knob or selector operates a line',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $switches = self::count($inspection->board);
        $freed = $inspection->board->box?->switchesFreed?->value;
        if (0 === $switches || !OnMains::anyHurting($inspection)) {
            return;
        }
        if (null === $freed) {
            yield new NotChecked(
                $this->facts(),
                'board',
                'whether its wall switches and selectors, where they once switched mains, are freed of it altogether',
                Answer::by(StateBox::class, 'switchesFreed'),
            );
        } elseif (true === $freed) {
            yield new HoldPoint(
                $this->facts(),
                'board',
                'Every wall switch and selector that was used again is freed of mains: no wire in its box is live.',
            );
        } else {
            yield new Finding(
                $this->facts(),
                Severity::Danger,
                'board',
                sprintf(
                    '%d wall %s not freed of mains, and %s to the controller.',
                    $switches,
                    1 === $switches ? 'switch or selector is' : 'switches or selectors are',
                    1 === $switches ? 'leads' : 'lead',
                ),
                proposals: static fn(): array => [new Remedy(
                    'Free the wall switches and selectors of mains altogether',
                    new StateBox(switchesFreed: true),
                )],
            );
        }
    }

    /** Wall switches, knobs and selectors, whether they operate a line yet or not; a selector counts once. */
    private static function count(Board $board): int
    {
        $switches = $selectors = 0;
        $served = [];
        foreach ($board->lines as $line) {
            foreach ($line->surfaces as $surface) {
                $switches += SurfaceKind::WallSwitch === $surface->kind || SurfaceKind::Knob === $surface->kind ? 1 : 0;
                $served[$surface->function] = true;
            }
        }
        foreach (array_diff_key($board->functions, $served) as $id => $function) {
            $switches += FunctionKind::MaintainedSwitch === $function->kind || FunctionKind::SelectorLadder === $function->kind ? 1 : 0;
            $selector = FunctionKind::SelectorPosition === $function->kind ? $board->groupOf($id, GroupKind::Selector) : null;
            $isKnob = null !== $selector && [] !== array_intersect_key($served, array_flip($board->groups[$selector]->functions));
            $selectors += FunctionKind::SelectorPosition === $function->kind && !$isKnob ? 1 : 0;
        }

        return $switches + ($selectors > 0 ? 1 : 0);
    }
}
