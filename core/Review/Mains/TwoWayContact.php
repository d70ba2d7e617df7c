<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\ContactUse;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Mains\LivePath;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** A two-way circuit on a contact that does not change over, or whose closed side bears too little. */
final class TwoWayContact implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.two-way-contact',
            version: 1,
            title: 'Two-way circuit on a contact that does not suit it',
            severities: [Severity::Danger, Severity::Broken],
            reason: 'One end of a two-way circuit changes over: half of the time the appliance hangs on the normally closed side, which '
                . 'bears less than the other. A solid-state output has no such side at all.',
            threshold: 'a changeover contact, whose normally closed side is rated for the appliance too',
            basis: Basis::DataSheet,
            source: 'contact ratings of the relay’s part file',
            silentWhen: 'no line is one end of a two-way circuit',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        foreach (OnMains::lines($inspection) as $id => $line) {
            $actuator = (string) array_key_first($line->actuators);
            if (null === $line->twoWay || !isset($line->actuators[$actuator])) {
                continue;
            }
            $relay = $board->relay($line->actuators[$actuator]);
            $over = $this->closedSide($inspection, $line, $relay);
            if (null !== $relay->solidState) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf('“%s” is one end of a two-way circuit, and its solid-state output does not change over.', $line->name),
                    proposals: fn(): array => $this->changeovers($inspection, $id, $actuator),
                );
            } elseif ($over->value < 1) {
                yield new Finding(
                    $this->facts(),
                    Severity::Danger,
                    $id,
                    sprintf(
                        '“%s” draws %s; the normally closed side that carries it half of the time is rated %s.',
                        $line->name,
                        $over->needs(),
                        $over->has(),
                    ),
                    [$over],
                    fn(): array => $this->changeovers($inspection, $id, $actuator),
                );
            }
        }
    }

    private function closedSide(Inspection $inspection, Line $line, Relay $relay): Figure
    {
        return LivePath::contact($inspection->board, $line, $relay, true, ContactUse::NormallyClosed)->margin->nominal;
    }

    /**
     * @return list<Remedy>
     */
    private function changeovers(Inspection $inspection, string $id, string $actuator): array
    {
        $line = $inspection->board->lines[$id];
        $now = $inspection->board->relay($line->actuators[$actuator]);
        $rail = $inspection->board->railVolts($line->actuators[$actuator]->rail)->typ;
        foreach (Repairs::of($inspection)->partsOnOffer(Relay::class) as $relay) {
            if (
                $relay->isPlain()
                && 1 === $relay->poles
                && $relay->suitsRail($rail)
                && $relay->insulatesAsWellAs($now)
                && $this->closedSide($inspection, $line, $relay)->value >= 1
            ) {
                return [new Remedy('Fit ' . lcfirst($relay->identity->name), new ChooseRelay([$actuator], $relay))];
            }
        }

        return [];
    }
}
