<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Drive;

use IronLatch\Core\Board\ContactUse;
use IronLatch\Core\Board\Edit\Relays\ChooseContact;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\LoadKind;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Drive\SolidStateLoad;
use IronLatch\Core\Mains\LivePath;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\LineJoint;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Solid-state relay with an appliance that it cannot switch. */
final class SolidStateMismatch implements Rule
{
    /** An electronic lamp glows from about this share of its current on. */
    private const GLOW_SHARE = 0.01;

    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'drive.solid-state-output',
            version: 1,
            title: 'Solid-state relay with a load that it cannot switch',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'A triac goes off only when its current passes zero, stays on only above a least current, and never quite stops '
                . 'conducting: an LED lamp glows on what leaks.',
            threshold: 'no direct current through a triac, no normally closed use (broken); appliance current over the least one of the '
                . 'output, and an electronic lamp of at least ' . round(1 / self::GLOW_SHARE) . ' times the leakage (weak)',
            basis: Basis::CommonPractice,
            source: 'output data of the relay’s part file; 100 times: common practice, from memory',
            joint: LineJoint::Appliance,
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->actuators() as $id => $actuator) {
            $lineId = $inspection->board->lineOf($id);
            $output = $inspection->board->relay($actuator)->solidState;
            if (null === $output) {
                continue;
            }
            $line = $inspection->board->lines[$lineId];
            $appliance = $inspection->board->appliance($line);
            $load = SolidStateLoad::of($output, $inspection->mains->contacts[$id]->amps->value, $inspection->board->ambientCelsius());
            $instead = fn(): array => self::relays($inspection, $id, $line);

            if (null !== $appliance->dcVolts && $output->isTriac) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf(
                        '“%s” runs from direct current, and the triac of its relay never lets go of that once it is on.',
                        $line->name,
                    ),
                    proposals: $instead,
                );
            } elseif (ContactUse::NormallyClosed === $actuator->contact) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf(
                        '“%s” is to be on while its relay is off, but a solid-state relay has no normally closed contact.',
                        $line->name,
                    ),
                    proposals: static fn(): array => [
                        new Remedy('Switch it on by switching the relay on', new ChooseContact([$id], ContactUse::NormallyOpen)),
                        ...$instead(),
                    ],
                );
            } elseif ($load->least->value < 1) {
                yield new Finding(
                    $this->facts(),
                    Severity::Weak,
                    $id,
                    sprintf(
                        '“%s” draws %s, and its solid-state relay stays on from %s: it may flicker, or stay off.',
                        $line->name,
                        $load->least->has(),
                        $load->least->needs(),
                    ),
                    [$load->least],
                    $instead,
                );
            } elseif (LoadKind::ElectronicLamp === $appliance->load && $load->leakage->value < 1 / self::GLOW_SHARE) {
                yield new Finding(
                    $this->facts(),
                    Severity::Weak,
                    $id,
                    sprintf(
                        '“%s” may glow while it is off: it draws %s, and %s leak through its solid-state relay.',
                        $line->name,
                        $load->leakage->has(),
                        $load->leakage->needs(),
                    ),
                    [$load->leakage],
                    $instead,
                );
            }
        }
    }

    /**
     * The first relay with contacts that bears the appliance, for the same rail.
     *
     * @return list<Remedy> at most one
     */
    public static function relays(Inspection $inspection, string $id, Line $line): array
    {
        $actuator = $inspection->board->actuator($id);
        $volts = $inspection->board->railVolts($actuator->rail)->typ;
        $offered = Repairs::of($inspection)->partsOnOffer(Relay::class);
        // What insulates best is proposed first.
        uasort($offered, static fn(Relay $a, Relay $b): int => $b->insulatesAsWellAs($a) <=> $a->insulatesAsWellAs($b));
        foreach ($offered as $relay) {
            $contact = LivePath::contact($inspection->board, $line, $relay, true, $actuator->contact);
            if (
                $relay->isPlain()
                && $relay->suitsRail($volts)
                && MarginState::Sound === $contact->margin->state()
                && MarginState::Sound === $contact->volts->state()
            ) {
                return [new Remedy('Fit ' . $relay->identity->name, new ChooseRelay([$id], $relay))];
            }
        }

        return [];
    }
}
