<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\StateBox;
use IronLatch\Core\Board\Surface;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\HoldPoint;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Kind;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Stage;

/** Wall switch that is not freed of mains. */
final class SwitchNotFreed implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            'mains.switch-not-freed',
            2,
            Stage::Mains,
            'Wall switch or selector that is not freed of mains',
            [Kind::Danger],
            'A wall switch or a fan’s selector that is used again becomes a low-voltage input. A mains wire that was left in its box makes the whole low-voltage side live.',
            'wall switches, knobs and selectors used again are freed of mains altogether; verified on each copy',
            Basis::CommonPractice,
            'common practice',
            'no wall switch, knob or selector operates a line',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $switches = 0;
        foreach ($inspection->board->lines as $line) {
            $switches += count(array_filter($line->surfaces, static fn(Surface $surface): bool => SurfaceKind::WallSwitch === $surface->kind || SurfaceKind::Knob === $surface->kind));
        }
        $freed = $inspection->board->box?->switchesFreed?->value;
        if (0 === $switches || [] === OnMains::hurting($inspection)) {
            return;
        }
        if (null === $freed) {
            yield new NotChecked($this->facts(), 'board', 'whether its wall switches and selectors, where they once switched mains, are freed of it altogether');
        } elseif (true === $freed) {
            yield new HoldPoint($this->facts(), 'board', 'Every wall switch and selector that was used again is freed of mains: no wire in its box is live.');
        } else {
            yield new Finding($this->facts(), Kind::Danger, 'board', sprintf('%d wall %s not freed of mains, and %s to the controller.', $switches, 1 === $switches ? 'switch or selector is' : 'switches or selectors are', 1 === $switches ? 'leads' : 'lead'), proposals: static fn(): array => [new Remedy('Free the wall switches and selectors of mains altogether', new StateBox(switchesFreed: true))]);
        }
    }
}
