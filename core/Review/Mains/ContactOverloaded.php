<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Mains\ContactLoad;
use IronLatch\Core\Mains\LivePath;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\LineJoint;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;
use IronLatch\Core\Review\Stage;

/** Contact that carries too much. */
final class ContactOverloaded implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.contact-overloaded',
            version: 2,
            title: 'Contact that carries too much',
            severities: [Severity::Danger, Severity::Weak],
            reason: 'An overloaded contact welds or burns. Lamps, motors and transformers draw many times their current when they start.',
            threshold: 'current or voltage over the plain rating of the contact in use is a danger; weak over what may be used of it: the '
                . 'share of the house rules, less in hot air, less by the share for the kind of load or by the peak or motor rating where '
                . 'the maker states one, with the mains 10 % high',
            basis: Basis::FromMemory,
            source: 'contact rating from the relay’s part file; shares by kind of load are common practice, from memory',
            joint: LineJoint::Appliance,
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->mains->contacts as $id => $contact) {
            $lineId = $inspection->board->lineOf($id);
            $actuator = $inspection->board->actuator($id);
            $line = $inspection->board->lines[$lineId];
            // Where the driver switches the appliance itself there is no contact, and its rating is a matter of the Drive stage; a second
            // winding moves the contact of the first.
            if (null === $actuator->relay || null !== $actuator->opens) {
                continue;
            }
            if (MarginState::Sound === $contact->margin->state() && MarginState::Sound === $contact->volts->state()) {
                continue;
            }
            $danger = MarginState::Broken === $contact->margin->state() || MarginState::Broken === $contact->volts->state();
            $figure = MarginState::Broken === $contact->volts->state()
                ? $contact->volts->nominal
                : ($danger ? $contact->margin->nominal : $contact->margin->worst);
            yield new Finding(
                $this->facts(),
                $danger ? Severity::Danger : Severity::Weak,
                $id,
                self::statement($inspection, $line, $contact, $figure, $danger),
                [$figure, $contact->amps],
                fn(): array => self::remedies($inspection, $id, $lineId, $actuator),
            );
        }
    }

    private static function statement(Inspection $inspection, Line $line, ContactLoad $contact, Figure $figure, bool $danger): string
    {
        if (MarginState::Broken === $contact->volts->state()) {
            return sprintf(
                0.0 === $contact->volts->nominal->value
                    ? '“%s” has %s of direct current at an output that can switch none.'
                    : '“%s” has %s at a contact for %s.',
                $line->name,
                $figure->needs(),
                $figure->has(),
            );
        }
        // What is used of a contact grows with its rating, so that the class of contact that is wanted can be said even where no part is
        // at hand.
        $wanted = sprintf(
            ' That is work for a contact rated about %s, or for a contactor.',
            QuantityPrinter::rounded(
                $contact->margin->nominal->value * $contact->amps->value / max($contact->margin->worst->value, 1e-6),
                Unit::Ampere,
                2,
            ),
        );
        if ($danger) {
            return sprintf(
                '“%s” draws %s through a contact for %s.',
                $line->name,
                $figure->needs(),
                $figure->has(),
            ) . ($contact->margin->worst->value > 0 ? $wanted : '');
        }
        $appliance = $inspection->board->appliance($line);
        $most = QuantityPrinter::rounded($figure->value * $contact->amps->value, Unit::Ampere);
        $because = implode(', ', array_slice($figure->inputs, 2));

        return sprintf(
            $appliance->load->followsMains()
                ? '“%s” (%s) draws %s; with the mains 10 %% high, the contact should carry no more than %s of it (%s).'
                : '“%s” (%s) draws %s; starting current considered, the contact should carry no more than %s (%s).',
            $line->name,
            $appliance->load->value,
            $contact->amps->printed(),
            $most,
            $because,
        ) . $wanted;
    }

    /**
     * @return list<Remedy>
     */
    private static function remedies(Inspection $inspection, string $id, string $lineId, Actuator $actuator): array
    {
        $now = $inspection->board->relay($actuator);
        foreach (Repairs::of($inspection)->partsOnOffer(Relay::class) as $relay) {
            $contact = LivePath::contact($inspection->board, $inspection->board->lines[$lineId], $relay, true, $actuator->contact);
            if (
                $relay->insulatesAsWellAs($now)
                && $relay->isOfTheKindOf($now)
                && $relay->coilVolts === $now->coilVolts
                && MarginState::Sound === $contact->margin->state()
                && MarginState::Sound === $contact->volts->state()
            ) {
                return [new Remedy('Fit ' . $relay->identity->name, new ChooseRelay([$id], $relay))];
            }
        }

        return [];
    }
}
