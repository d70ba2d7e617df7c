<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Functions\DeclareSharing;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\PinFunction;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\BusKind;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Two functions on one pin. */
final class SharedPin implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.shared-pin',
            version: 1,
            title: 'Two functions on one pin',
            severities: [Severity::Broken],
            reason: 'Two circuits on one pin fight each other, and neither can be told from the other.',
            threshold: 'one function per pin',
            basis: Basis::CommonPractice,
            source: 'the nature of a pin',
            silentWhen: 'they are the same signal of an I2C or SPI bus, sensors on one one-wire line, or each is stated to share its pin',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $onPin = [];
        foreach ($inspection->seating->pins as $function => $pin) {
            $onPin[$pin->name()][] = $function;
        }
        foreach ($onPin as $pin => $functions) {
            if (count($functions) > 1 && !self::mayShare($inspection, $functions)) {
                $names = implode(
                    ' and ',
                    array_map(static fn(string $id): string => '“' . $inspection->board->nameOf($id) . '”', $functions),
                );
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $pin,
                    sprintf('%s both sit on %s.', $names, $inspection->controller->pins[$pin]->bothNames()),
                    proposals: fn(): array => self::remedies($inspection, $functions),
                );
            }
        }
    }

    /**
     * Whether they are one signal after all: of one bus, of one one-wire line, or shared on purpose.
     *
     * @param list<string> $functions
     */
    private static function mayShare(Inspection $inspection, array $functions): bool
    {
        $all = array_map(static fn(string $id): PinFunction => $inspection->board->functions[$id], $functions);
        $kinds = array_unique(array_map(static fn(PinFunction $function): string => $function->kind->value, $all));
        $isOneWire = [FunctionKind::OneWireSensor->value] === array_values($kinds);
        $isOneSignal = 1 === count($kinds) && in_array($all[0]->kind->busSignal()?->bus(), [BusKind::I2c, BusKind::Spi], true);

        return $isOneWire || $isOneSignal || [] === array_filter($all, static fn(PinFunction $function): bool => !$function->sharesPin);
    }

    /**
     * @param list<string> $functions
     * @return list<Remedy>
     */
    private static function remedies(Inspection $inspection, array $functions): array
    {
        $remedies = [];
        foreach (array_reverse($functions) as $function) {
            if ($inspection->board->seats[$function]->locked) {
                continue;
            }
            foreach (Repairs::of($inspection)->moveToBestPin($function) as $remedy) {
                $remedies[] = new Remedy(
                    sprintf('Move “%s”: %s', $inspection->board->nameOf($function), lcfirst($remedy->title)),
                    $remedy->edit,
                );
            }
        }

        $kinds = array_unique(array_map(static fn(string $id): string => $inspection->board->functions[$id]->kind->value, $functions));
        if (1 === count($kinds)) {
            // Two alike may be meant to act as one; a relay and a switch never are.
            $remedies[] = new Remedy(
                'State that they share it on purpose',
                new Sequence(
                    'State that a pin is shared on purpose',
                    array_map(static fn(string $id): DeclareSharing => new DeclareSharing($id, true), $functions),
                ),
            );
        }

        return $remedies;
    }
}
