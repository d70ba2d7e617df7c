<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

use IronLatch\Core\Bench\BenchScript;
use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Customary;
use IronLatch\Core\Bench\Deed;
use IronLatch\Core\Bench\DeedKind;
use IronLatch\Core\Bench\Happening;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\FittedExpander;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Catalogue\ExpanderKind;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Control\PinNumbers;
use IronLatch\Core\Exchange\Firmware\SensorReading;
use IronLatch\Core\Pins\SelectorLadder;
use IronLatch\Core\Program\InfraredDecoder;
use IronLatch\Core\Program\Micros;
use IronLatch\Core\Review\Inspection;

/** A run of the bench as the same events on the pins of the simulated chip, and what both say of the outputs. */
class ChipCourse
{
    private const BUSES = [
        FunctionKind::I2cData, FunctionKind::I2cClock, FunctionKind::RegisterData, FunctionKind::RegisterClock, FunctionKind::RegisterLatch,
    ];

    public readonly Course $course;
    protected readonly Inspection $inspection;

    final public function __construct(Board $board, BenchScript $script)
    {
        $this->inspection = new Inspection($board);
        $this->course = Course::of($this->inspection, $script);
    }

    /** “D7” for the chip’s PD7. */
    public function pin(string $function): string
    {
        return $this->named($this->inspection->seating->pins[$function]);
    }

    /** “X32.3” for the fourth bit of the expander at that address. */
    protected function named(Pin $pin): string
    {
        return null === $pin->expander
            ? (string) preg_replace(['/^P/', '/^ADC/'], ['', 'C'], $pin->name())
            : sprintf('X%d.%d', $this->inspection->board->expanders[$pin->expander]->address, (int) PinNumbers::ofProgram($pin));
    }

    /**
     * @return list<array{int, string}>
     */
    private function fitted(FittedExpander $fitted): array
    {
        $board = $this->inspection->board;
        $kind = $board->expander($fitted)->kind;
        if (ExpanderKind::ShiftRegister !== $kind) {
            return [[0, sprintf('expander %d %d', $fitted->address, ExpanderKind::QuasiBidirectional === $kind ? 8 : 16)]];
        }
        $pin = fn(FunctionKind $kind): string => $this->pin((string) array_search(
            $kind,
            array_map(
                static fn(string $function): FunctionKind => $board->functions[$function]->kind,
                array_combine($board->groups[$fitted->bus]->functions, $board->groups[$fitted->bus]->functions),
            ),
            true,
        ));

        return [
            [0, sprintf('register %s %s', $pin(FunctionKind::RegisterData), $pin(FunctionKind::RegisterClock))],
            [0, sprintf('latch %s', $pin(FunctionKind::RegisterLatch))],
        ];
    }

    /** The world pulls a pin to a level. */
    private function held(string $function, bool $isHigh): string
    {
        $pin = $this->pin($function);

        return str_starts_with($pin, 'X') ? sprintf('far %s %d', substr($pin, 1), $isHigh) : sprintf('pin %s %d', $pin, $isHigh);
    }

    /**
     * @return list<string> for firmware/tests/chipbench.c
     */
    public function script(): array
    {
        $lines = [];
        foreach ($this->inspection->board->expanders as $fitted) {
            $lines = [...$lines, ...$this->fitted($fitted)];
        }
        foreach ($this->inspection->board->functions as $id => $function) {
            if ($function->kind->isAnalogue() || in_array($function->kind, self::BUSES, true)) {
                continue;
            }
            if (isset($this->inspection->seating->pins[$id]) && null === $this->inspection->board->actuatorOf($id)) {
                $lines[] = [0, $function->kind->isContact()
                    ? $this->held($id, PullDirection::Down !== $function->pull?->direction)
                    : sprintf('pull %s', $this->pin($id))];
            }
        }
        foreach ($this->course->facts->plan->sensors as $sensor) {
            $lines[] = [0, $this->sensed($sensor->function, $this->course->facts->restingReading($sensor->function))];
        }
        foreach ($this->course->happenings as $one) {
            foreach ($this->does($one) as $line) {
                $lines[] = $line;
            }
        }
        foreach ($this->course->script->deeds as $deed) {
            foreach ($this->done($deed) as $line) {
                $lines[] = $line;
            }
        }
        $lines[] = [Micros::of($this->course->script->until), 'end'];
        usort($lines, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return array_map(static fn(array $line): string => $line[0] . ' ' . $line[1], $lines);
    }

    /**
     * What a sensor does on its pin when it says a value.
     *
     * @param ?float $value °C, %, 0 or 1; null where it is not there
     */
    private function sensed(string $function, ?float $value): string
    {
        $pin = $this->pin($function);

        return match (SensorReading::of($this->inspection->board, $function)) {
            SensorReading::OneWire => sprintf('thermometer %s %s', $pin, null === $value ? '-' : (string) (int) round($value * 16)),
            SensorReading::Pulses => sprintf('humidity %s %s', $pin, null === $value ? '-' : (string) (int) round($value * 10)),
            SensorReading::Analogue, SensorReading::HalfOfRange => sprintf('volts %s %d', $pin, round(50 * ($value ?? 0.0))),
            default => $this->held($function, (1.0 === $value) === match ($this->inspection->board->functions[$function]->kind) {
                // A contact to ground, and a probe in water, pull their pin low.
                FunctionKind::ReedContact, FunctionKind::LeakProbe => false,
                default => true,
            }),
        };
    }

    /**
     * @return list<array{int, string}>
     */
    protected function does(Happening $one): array
    {
        $function = $this->inspection->board->functions[$one->subject] ?? null;

        return match ($one->kind) {
            // The chip has its boot loader behind it; its program is quicker at its first step than a millisecond.
            Happens::Runs => [[$one->micros - 1_000, 'power 1']],
            Happens::Reset => [[$one->micros, 'power 0']],
            Happens::Contact => [[
                $one->micros,
                $this->held($one->subject, ('1' === $one->value) === (PullDirection::Down === $function?->pull?->direction)),
            ]],
            Happens::Arrives => $this->typed($one),
            default => [],
        };
    }

    /**
     * A text whose last letter arrives when the bench says so.
     *
     * @return list<array{int, string}>
     */
    private function typed(Happening $one): array
    {
        $lines = [];
        $text = $one->value . "\n";
        foreach (str_split($text) as $place => $letter) {
            $lines[] = [$one->micros - 1_050 * (strlen($text) - 1 - $place), 'byte ' . ord($letter)];
        }

        return $lines;
    }

    /**
     * @return list<array{int, string}>
     */
    private function done(Deed $deed): array
    {
        $at = Micros::of($deed->at);
        if (DeedKind::Turn === $deed->do) {
            return $this->turned($at, $deed);
        }
        $entry = $this->inspection->controls->entries[$deed->what] ?? null;
        if (DeedKind::Sensor === $deed->do && null !== $entry) {
            $function = $this->inspection->board->lines[$entry->line]->surfaces[$deed->what]->function;

            $value = match ($deed->value) {
                '' => null,
                'yes' => 1.0,
                'no' => 0.0,
                default => (float) $deed->value,
            };

            return [[$at, $this->sensed($function, $value)]];
        }
        $key = $this->inspection->controls->keys[$deed->what] ?? null;
        $code = $entry->code ?? $key?->key->code;
        $receiver = $entry->column ?? $key?->column;
        if (DeedKind::Press !== $deed->do || null === $code || null === $receiver) {
            return [];
        }
        $pin = $this->pin($receiver);
        $held = Micros::of($deed->for ?? Customary::PRESS_SECONDS);
        $lines = self::frame($pin, $at, (int) hexdec($code->value));
        for ($after = Micros::of(Customary::REPEAT_SECONDS); $after < $held; $after += Micros::of(Customary::REPEAT_SECONDS)) {
            array_push($lines, ...self::frame($pin, $at + $after, null));
        }

        return $lines;
    }

    /**
     * A knob with a ladder gives the share of the supply that its resistors make.
     *
     * @return list<array{int, string}>
     */
    private function turned(int $at, Deed $deed): array
    {
        $entry = $this->inspection->controls->entries[$deed->what];
        $function = $this->inspection->board->lines[$entry->line]->surfaces[$deed->what]->function;
        $ladder = SelectorLadder::for($this->inspection->board->functions[$function]->positions);

        return [[$at, sprintf('volts %s %d', $this->pin($function), round(5_000 * $ladder->positions[(int) $deed->value]['level']->typ))]];
    }

    /**
     * @param ?int $code null for the sign of a held key
     * @return list<array{int, string}>
     */
    private static function frame(string $pin, int $at, ?int $code): array
    {
        $spaces = null === $code ? [InfraredDecoder::REPEAT_SPACE] : [InfraredDecoder::HEAD_SPACE];
        for ($bit = InfraredDecoder::BITS - 1; null !== $code && $bit >= 0; --$bit) {
            $spaces[] = 1 === ($code >> $bit & 1) ? InfraredDecoder::ONE_SPACE : InfraredDecoder::ZERO_SPACE;
        }
        $lines = [];
        $stretch = Micros::of(Customary::STRETCH_SECONDS);
        foreach ([...$spaces, 0] as $place => $space) {
            $mark = 0 === $place ? InfraredDecoder::HEAD_MARK : InfraredDecoder::BIT_MARK;
            $lines[] = [$at, sprintf('pin %s 0', $pin)];
            $lines[] = [$at + $mark + $stretch, sprintf('pin %s 1', $pin)];
            $at += $mark + $space;
        }

        return $lines;
    }

    /**
     * What the bench says of the outputs.
     *
     * @return array<string, list<array{int, string}>> microseconds and level, by pin
     */
    public function expected(): array
    {
        $levels = array_fill_keys($this->outputs(), []);
        foreach ($this->course->all(Happens::Pin) as $one) {
            $pin = $this->named($this->inspection->controller->pins[$one->subject]);
            if (isset($levels[$pin])) {
                $levels[$pin][] = [$one->micros, $one->value];
            }
        }

        return $levels;
    }

    /**
     * What the chip does to them.
     *
     * @param list<string> $said by the chip
     * @return array<string, list<array{int, string}>> microseconds and level, by pin
     */
    public function levels(array $said): array
    {
        $levels = array_fill_keys($this->outputs(), []);
        foreach ($said as $line) {
            [$micros, $pin, $level] = [...explode(' ', $line), '', ''];
            if (isset($levels[$pin])) {
                $levels[$pin][] = [(int) $micros, $level];
            }
        }

        return $levels;
    }

    /**
     * @return list<string>
     */
    private function outputs(): array
    {
        return array_values(array_map(fn($relay): string => $this->pin($relay->function), $this->course->facts->relays));
    }
}
