<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange\Papers;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Review\HoldPoint;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Report;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\Listing\ContinuityList;
use IronLatch\Core\Wiring\Listing\ContinuityRow;
use IronLatch\Core\Wiring\Listing\WiringList;
use IronLatch\Core\Wiring\NetKind;
use IronLatch\Core\Wiring\Wire;

/**
 * How a copy is built, in the order of working: low voltage first, measured and tried with lamps in place of appliances, then the mains
 * side, dead, and mains itself last, by somebody who is competent (common practice).
 */
final readonly class BuildSheet
{
    private const GROUNDS = [NetKind::Ground, NetKind::Rail];

    /**
     * @param list<ContinuityRow> $readings
     */
    private function __construct(
        private Board $board,
        private Connections $connections,
        private array $readings,
        private Report $report,
    ) {}

    /**
     * @return list<BuildStep>
     */
    public static function of(Inspection $inspection, Report $report): array
    {
        $sheet = new self($inspection->board, $inspection->connections(), $inspection->readings(), $report);

        return array_values(array_filter(
            $sheet->steps(),
            static fn(BuildStep $step): bool => [] !== $step->does || [] !== $step->wires || [] !== $step->readings,
        ));
    }

    /**
     * @return list<BuildStep>
     */
    private function steps(): array
    {
        $isLow = fn(Wire $wire): bool => !$this->connections->nets[$wire->net]->kind->isMains();
        $isMains = static fn(ContinuityRow $row): bool => in_array(
            $row->step,
            [ContinuityList::APART, ContinuityList::CONTACTS, ContinuityList::STRAIGHT],
            true,
        );

        return [
            new BuildStep('Look at what lies on the table', $this->looks()),
            $this->joints($isLow),
            new BuildStep('Grounds and rails', [], $this->wires(
                fn(Wire $wire): bool => $isLow($wire) && null === $wire->to->cable && $this->isGround($wire),
            )),
            new BuildStep('Signals, to drivers and relays', [], $this->wires(
                fn(Wire $wire): bool => $isLow($wire) && null === $wire->to->cable && !$this->isGround($wire),
            )),
            // All conductors of a cable are joined together.
            new BuildStep('Cables to switches, sensors and lamps', [], $this->wires(
                static fn(Wire $wire): bool => $isLow($wire) && null !== $wire->to->cable,
            )),
            new BuildStep('Measure the low-voltage side, without power', [
                'A reading outside its limit is a fault: find it before going on.',
            ], readings: array_values(array_filter($this->readings, static fn(ContinuityRow $row): bool => !$isMains($row)))),
            new BuildStep('Try it at low voltage', [
                'Feed the low-voltage rail from USB or from a supply that limits its current; the mains module stays unfed.',
                'Upload the trial of the wiring, go through every contact, key and sensor, and walk the relays one by one.',
                ...$this->board->upload(),
                'Upload the program itself, and try every switch, with the network off too.',
            ], caution: 'No mains is near the board in this step.'),
            new BuildStep('The mains side, dead', [
                'Earth first: its conductor is the longest, so that it tears off last.',
            ], $this->wires(static fn(Wire $wire): bool => !$isLow($wire)), caution: 'The lead is unplugged, or the circuit is switched '
                . 'off, locked and proved dead, until the last step.'),
            new BuildStep(
                'Measure the mains side, dead',
                ['Live, neutral and every outlet, against low voltage and against earth.'],
                readings: array_values(array_filter($this->readings, $isMains)),
            ),
            new BuildStep('Verify before mains', array_map(
                static fn(HoldPoint $point): string => $point->verify,
                $this->report->holdPoints,
            ), isForCompetent: true),
            new BuildStep(
                'Cover shut, then mains',
                [
                    'The cover is shut and stays shut: nothing inside is touched or measured with mains on.',
                    'A lamp at the outlet instead of the appliance, a residual-current device before all of it, one line after the other.',
                    'A tingle, a smell, a warm cover, something that is on when it should be off: isolate, and do not switch on again.',
                ],
                caution: 'Mains kills. Somebody who is competent, and by law where you live may do it, puts it to mains.',
                isForCompetent: true,
            ),
        ];
    }

    /**
     * @return list<string>
     */
    private function looks(): array
    {
        $form = $this->board->build->form->value ?? null;

        return [
            'Compare every part with the parts list: print, rating, polarity.',
            ...match ($form) {
                BuildForm::HandWired => [
                    'Push-on jumpers carry about 1 A and work loose: rails go by screw terminals.',
                    'Modules stand on stand-offs, and on nothing that burns; which pin is IN and which is VCC is read on each.',
                ],
                BuildForm::Perforated => [
                    'Take off the pads between mains and everything else before the first part is soldered.',
                    'The pins of a relay do not meet the grid: widen holes to about 1.3 mm.',
                ],
                BuildForm::CarrierBoard => [
                    'Measure the distance of the header rows of the controller in hand: several exist under one name.',
                    'Mark which way round the controller goes into its sockets.',
                ],
                BuildForm::Assembled => [
                    'Compare side and rotation of polarised parts with the placement list.',
                    'Tall, through-hole and mains parts are soldered by hand.',
                ],
                default => ['How it is built is not stated yet: say so under Board, and this sheet says what goes wrong with it.'],
            },
        ];
    }

    private function isGround(Wire $wire): bool
    {
        return in_array($this->connections->nets[$wire->net]->kind, self::GROUNDS, true);
    }

    /**
     * @param \Closure(Wire): bool $isLow
     */
    private function joints(\Closure $isLow): BuildStep
    {
        $joints = array_values(array_filter($this->connections->wires, static fn(Wire $wire): bool => $wire->onBoard && $isLow($wire)));
        $isEtched = true === ($this->board->build->form->value ?? null)?->isEtched();

        return new BuildStep('What sits side by side', [] === $joints ? [] : [
            $isEtched
                ? 'These joints are tracks: they are compared with the layout, and not made by hand.'
                : 'Solder these joints, small parts first.',
        ], $joints);
    }

    /**
     * @param \Closure(Wire): bool $wanted
     * @return list<Wire> in the order of the wiring list
     */
    private function wires(\Closure $wanted): array
    {
        return array_values(array_filter(
            array_merge(...array_values(WiringList::of($this->connections)), ...[[]]),
            static fn(Wire $wire): bool => !$wire->onBoard && $wanted($wire),
        ));
    }
}
