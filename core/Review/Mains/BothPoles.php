<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Mains\StateConductor;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\Edit\Relays\PairRelay;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Board\InletKind;
use IronLatch\Core\Board\SwitchedConductor;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** One pole switched where either may be live. */
final class BothPoles implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.both-poles',
            version: 2,
            title: 'One pole switched where either may be live',
            severities: [Severity::Danger],
            reason: 'A plug that fits both ways makes it a matter of chance which conductor is live; with two hot conductors both always '
                . 'are. Then one contact leaves the appliance live.',
            threshold: 'both conductors of every line switched, each by a pole of its own, or an inlet that cannot be turned round; a '
                . 'relay of one pole switches one conductor, whatever is stated',
            basis: Basis::CommonPractice,
            source: 'wiring practice; local codes and a licensed electrician decide',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $inlet = $inspection->board->box?->inlet?->value;
        foreach (OnMains::hurting($inspection) as $id => $line) {
            $lacking = Poles::lacking($inspection->board, $line);
            if (SwitchedConductor::Both === $line->conductor->value && [] !== $lacking) {
                yield new Finding(
                    $this->facts(),
                    Severity::Danger,
                    $id,
                    sprintf(
                        '“%s” is stated to be switched in both conductors, but %s has one pole: the other conductor stays live.',
                        $line->name,
                        $inspection->board->relay($inspection->board->actuator($lacking[0]))->identity->name,
                    ),
                    proposals: static fn(): array => self::remedies($inspection, $id, $lacking),
                );
            } elseif (
                $inlet instanceof InletKind
                && $inlet->wantsBothPoles()
                && $line->conductor->isKnown()
                && SwitchedConductor::Both !== $line->conductor->value
            ) {
                yield new Finding(
                    $this->facts(),
                    Severity::Danger,
                    $id,
                    sprintf(
                        '“%s” is switched in one conductor, behind %s: it can be live while it is off.',
                        $line->name,
                        InletKind::TwoHots === $inlet ? 'two live conductors' : 'a ' . $inlet->value,
                    ),
                    proposals: static fn(): array => self::remedies($inspection, $id, $lacking),
                );
            }
        }
        if (!$inlet instanceof InletKind && OnMains::anyHurting($inspection)) {
            yield new NotChecked($this->facts(), 'board', 'how the mains comes in', Answer::by(StateBox::class, 'inlet'));
        }
    }

    /**
     * A relay with a pole for each conductor, a second relay on the same output, or, where outlets cannot reverse, another plug.
     *
     * @param list<string> $lacking relays that have one pole
     * @return list<Remedy>
     */
    private static function remedies(Inspection $inspection, string $line, array $lacking): array
    {
        $both = new StateConductor([$line], SwitchedConductor::Both);
        $remedies = [];
        if ([] === $lacking) {
            $remedies[] = new Remedy('Switch both conductors', $both);
        }
        foreach ([] === $lacking ? [] : Poles::relaysWithTwo($inspection, $lacking) as $relay) {
            $title = sprintf('Switch both conductors by %s', lcfirst($relay->identity->name));
            $remedies[] = new Remedy($title, new Sequence($title, [new ChooseRelay($lacking, $relay), $both]));
        }
        if ([] !== $lacking && Poles::canBePaired($inspection->board, $lacking)) {
            $title = 'Switch both by a second relay on the same output (this is no isolation)';
            $remedies[] = new Remedy($title, new Sequence('A second relay in the other conductor', [new PairRelay($lacking, true), $both]));
        }
        if (InletKind::Reversible === $inspection->board->box?->inlet?->value && !$inspection->board->system()->outletsReverse) {
            $remedies[] = new Remedy('Use a plug that fits one way only', new StateBox(inlet: InletKind::Polarised));
        }

        return $remedies;
    }
}
