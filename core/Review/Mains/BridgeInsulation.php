<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\BridgingCapacitor;
use IronLatch\Core\Board\Edit\Functions\StateBarrier;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Insulation;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\SupplyForm;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Part that joins mains to low voltage with too little insulation. */
final class BridgeInsulation implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.bridge-insulation',
            version: 1,
            title: 'Part that joins mains to low voltage with too little insulation',
            severities: [Severity::Danger],
            reason: 'Whatever stands with one foot in mains and one in low voltage is the barrier: the supply, a coupler that listens to '
                . 'the mains, a capacitor between the two. The weakest of them decides.',
            threshold: 'reinforced insulation of every supply that is fed by the mains, every zero-cross coupler and every capacitor '
                . 'between mains and low voltage (class Y1); basic (class Y2) where the low-voltage side is treated as live; relays have '
                . 'a check of their own',
            basis: Basis::Standard,
            source: 'IEC 61140 and IEC 60384-14, from memory; insulation of the part files',
            silentWhen: 'nothing of the board can hurt',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        if ($board->system()->isHarmlessToTouch()) {
            return;
        }
        foreach ($board->rails as $id => $rail) {
            $supply = $board->source($id);
            if (null !== $supply && $supply->form->isFedByMains() && SupplyForm::Bus !== $supply->form) {
                yield from $this->judge(
                    $inspection,
                    $id,
                    sprintf('the supply of the rail %s (%s)', $rail->name, $supply->identity->name),
                    $supply->insulation,
                    static fn(): array => self::supplies($inspection, $id, $supply),
                );
            }
        }
        foreach ($board->functions as $id => $function) {
            if ($function->kind->listensToMains()) {
                $barrier = $function->barrier?->value;
                yield from $this->judge(
                    $inspection,
                    $id,
                    sprintf(
                        FunctionKind::CurrentSense === $function->kind ? 'the transformer of “%s”' : 'the coupler of “%s”',
                        $function->name,
                    ),
                    $barrier instanceof Insulation ? $barrier : Insulation::Unstated,
                    static fn(): array => [new Remedy(
                        FunctionKind::CurrentSense === $function->kind
                            ? 'Use a transformer that is stated reinforced'
                            : 'Use a coupler that is stated reinforced',
                        new StateBarrier($id, Insulation::Reinforced),
                    )],
                );
            }
        }
        if (!OnMains::anyHurting($inspection)) {
            return;
        }
        $capacitor = $board->box?->bridgingCapacitor?->value;
        if (!$capacitor instanceof BridgingCapacitor) {
            yield new NotChecked(
                $this->facts(),
                'board',
                'whether a capacitor joins mains to low voltage, and of which class',
                Answer::by(StateBox::class, 'bridgingCapacitor'),
            );
        } elseif (BridgingCapacitor::Other === $capacitor) {
            yield $this->tooLittle(
                $inspection,
                'board',
                'a capacitor',
                'of no class that is made for it',
                static fn(): array => [
                    new Remedy('Take the capacitor out', new StateBox(bridgingCapacitor: BridgingCapacitor::None)),
                    new Remedy('Fit one of class Y1', new StateBox(bridgingCapacitor: BridgingCapacitor::Y1)),
                ],
            );
        } elseif (BridgingCapacitor::None !== $capacitor) {
            yield from $this->judge(
                $inspection,
                'board',
                sprintf('a capacitor (%s)', $capacitor->value),
                $capacitor->insulation(),
                static fn(): array => [
                    new Remedy('Take the capacitor out', new StateBox(bridgingCapacitor: BridgingCapacitor::None)),
                    new Remedy('Fit one of class Y1', new StateBox(bridgingCapacitor: BridgingCapacitor::Y1)),
                ],
            );
        }
    }

    /**
     * @param \Closure(): list<Remedy> $remedies
     * @return iterable<Finding|NotChecked>
     */
    private function judge(Inspection $inspection, string $subject, string $part, Insulation $insulation, \Closure $remedies): iterable
    {
        $touchable = $inspection->board->box?->touchable?->value;
        if (Insulation::Unstated === $insulation) {
            yield new NotChecked($this->facts(), $subject, 'the insulation of ' . $part);
        } elseif (Insulation::Reinforced === $insulation || false === $touchable) {
            return;
        } elseif (null === $touchable) {
            yield new NotChecked(
                $this->facts(),
                $subject,
                sprintf('whether somebody can touch the low-voltage side: the insulation of %s is %s', $part, $insulation->value),
                Answer::by(StateBox::class, 'touchable'),
            );
        } else {
            yield $this->tooLittle($inspection, $subject, $part, $insulation->value, $remedies);
        }
    }

    /**
     * @param \Closure(): list<Remedy> $remedies
     */
    private function tooLittle(Inspection $inspection, string $subject, string $part, string $words, \Closure $remedies): Finding
    {
        return new Finding(
            $this->facts(),
            Severity::Danger,
            $subject,
            sprintf(
                'Between mains and low voltage stands %s, whose insulation is %s%s.',
                $part,
                $words,
                true === $inspection->board->box?->touchable?->value ? ', and that side can be touched' : '',
            ),
            proposals: $remedies,
        );
    }

    /**
     * @return list<Remedy> at most one
     */
    private static function supplies(Inspection $inspection, string $rail, Supply $now): array
    {
        foreach (Repairs::of($inspection)->partsOnOffer(Supply::class) as $supply) {
            if (
                Insulation::Reinforced === $supply->insulation
                && $supply->form === $now->form
                && $supply->output->typ === $now->output->typ
                && $supply->ratedAmps >= $now->ratedAmps
            ) {
                return [new Remedy('Fit ' . lcfirst($supply->identity->name), new ChooseSupply($rail, $supply))];
            }
        }

        return [];
    }
}
