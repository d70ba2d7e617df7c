<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\StateBox;
use IronLatch\Core\Board\Edit\StateConductor;
use IronLatch\Core\Board\InletKind;
use IronLatch\Core\Board\SwitchedConductor;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Kind;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Stage;

/** One pole switched where either may be live. */
final class BothPoles implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            'mains.both-poles',
            1,
            Stage::Mains,
            'One pole switched where either may be live',
            [Kind::Danger],
            'A plug that fits both ways makes it a matter of chance which conductor is live; with two hot conductors both always are. Then one contact leaves the appliance live.',
            'both conductors of every line switched, or an inlet that cannot be turned round',
            Basis::CommonPractice,
            'wiring practice; local codes and a licensed electrician decide',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $inlet = $inspection->board->box?->inlet?->value;
        if (!$inlet instanceof InletKind) {
            if ([] !== OnMains::hurting($inspection)) {
                yield new NotChecked($this->facts(), 'board', 'how the mains comes in');
            }

            return;
        }
        foreach ($inlet->wantsBothPoles() ? OnMains::hurting($inspection) : [] as $id => $line) {
            if ($line->conductor->isKnown() && SwitchedConductor::Both !== $line->conductor->value) {
                yield new Finding($this->facts(), Kind::Danger, $id, sprintf('“%s” is switched in one conductor, behind %s: it can be live while it is off.', $line->name, InletKind::TwoHots === $inlet ? 'two live conductors' : 'a ' . $inlet->value), proposals: static fn(): array => [...InletKind::TwoHots === $inlet ? [] : [new Remedy('Use a plug that fits one way only', new StateBox(inlet: InletKind::Polarised))], new Remedy('Switch both conductors', new StateConductor([$id], SwitchedConductor::Both))]);
            }
        }
    }
}
