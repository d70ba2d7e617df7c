<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange\Firmware;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\PinFunction;
use IronLatch\Core\Board\Sensed;
use IronLatch\Core\Catalogue\PullDirection;

/** How the program reads a sensor: what its function and its rules leave open is taken as usual, and said. */
enum SensorReading: string
{
    case Level = 'READS_LEVEL';
    case OneWire = 'READS_ONE_WIRE';
    case Pulses = 'READS_PULSES';
    case Analogue = 'READS_ANALOGUE';
    case HalfOfRange = 'READS_HALF_OF_RANGE';
    /** It is as one that is lost: what its rule says of that holds. */
    case Nothing = 'READS_NOTHING';

    public static function of(Board $board, string $function): self
    {
        $sensed = self::sensed($board, $function);
        if (1 !== count($sensed)) {
            return self::Nothing;
        }

        return match ($board->functions[$function]->kind) {
            FunctionKind::OneWireSensor => match ($sensed[0]) {
                Sensed::Temperature => self::OneWire,
                Sensed::Humidity => self::Pulses,
                default => self::Nothing,
            },
            FunctionKind::AnalogueSensor => match ($sensed[0]) {
                Sensed::Event => self::HalfOfRange,
                // What a divider says of degrees depends on its thermistor, of which nothing is stated.
                Sensed::Temperature => self::Nothing,
                default => self::Analogue,
            },
            default => Sensed::Event === $sensed[0] ? self::Level : self::Nothing,
        };
    }

    /** The level with which a sensor says yes: a contact to ground is closed when low, and so is a probe that is wet. */
    public static function saysYesHigh(PinFunction $function): bool
    {
        return match (true) {
            $function->kind->isContact() => PullDirection::Down === $function->pull?->direction,
            // Boards with a comparator pull their output low when they are wet (common practice, from memory).
            FunctionKind::LeakProbe === $function->kind, FunctionKind::LeakModule === $function->kind => false,
            default => true,
        };
    }

    /** What is taken of it that the board does not state; empty where nothing is. */
    public function taken(PinFunction $function): string
    {
        $level = self::saysYesHigh($function) ? 'high' : 'low';

        return match ($this) {
            self::Nothing => sprintf(
                '“%s” is not read, and is as if it were lost: what it senses cannot be had from a %s, or is stated in two ways.',
                $function->name,
                $function->kind->value,
            ),
            self::Level => $function->kind->isContact() || FunctionKind::LeakProbe === $function->kind
                ? sprintf('“%s” says yes when its pin is %s.', $function->name, $level)
                : sprintf('“%s” is taken to say yes when its pin is %s, as is usual: try it with the trial.', $function->name, $level),
            self::OneWire => '',
            self::Pulses => sprintf(
                '“%s” is taken to answer with 40 bits by the length of pulses, humidity first, in tenths of a percent.',
                $function->name,
            ),
            self::Analogue => sprintf(
                '“%s” is read in parts of the supply: 0 %% at 0 V, 100 %% at the supply.',
                $function->name,
            ),
            self::HalfOfRange => sprintf('“%s” is taken to say yes above half of the supply: try it with the trial.', $function->name),
        };
    }

    /**
     * @return list<Sensed> what its rules take it to say, each once
     */
    private static function sensed(Board $board, string $function): array
    {
        $sensed = [];
        foreach ($board->lines as $line) {
            foreach ($line->surfaces as $surface) {
                if ($surface->function === $function && null !== $surface->rule && !in_array($surface->rule->sensed, $sensed, true)) {
                    $sensed[] = $surface->rule->sensed;
                }
            }
        }

        return $sensed;
    }
}
