<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Brief;
use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Controls\HandOn;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\AttachDevice;
use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Lines\AddLines;
use IronLatch\Core\Board\Edit\Lines\DescribeAppliance;
use IronLatch\Core\Board\Edit\Lines\StateLoad;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Board\Wanted;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\Device;
use IronLatch\Core\Catalogue\LoadKind;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Record\Copy;

/** Puts onto a board what a row of a brief asks for: its lines, by which they are operated, and what is known of its appliances. */
final readonly class Asked
{
    /** What stands in for an appliance until it is described; it is replaced at once. */
    private const STAND_IN = 'led-lamp';
    /** Which function a sensor of the catalogue serves. */
    private const SENSORS = [
        'leak-detector' => FunctionKind::LeakProbe,
        'humidity-sensor' => FunctionKind::OneWireSensor,
        'temperature-sensor' => FunctionKind::OneWireSensor,
        'light-sensor' => FunctionKind::AnalogueSensor,
        'motion-sensor' => FunctionKind::MotionSensor,
    ];

    /** Wet contacts of up to some ten kilohms still pull it low enough (common practice). */
    private const PROBE_OHMS = 10e3;

    public function __construct(private Brief $brief, private Catalogue $catalogue) {}

    /** @throws \InvalidArgumentException when no catalogue says what one of its appliances is, and nobody has described it */
    public function verify(): void
    {
        foreach ($this->brief->appliances as $wanted) {
            $isKnown = null === $wanted->appliance || $this->catalogue->part($wanted->appliance) instanceof Appliance;
            if (!$isKnown || !$wanted->isDescribed()) {
                throw new \InvalidArgumentException(sprintf(
                    'What “%s” is, no catalogue says. State its watts and its kind of load, or choose an appliance from the list.',
                    $wanted->name,
                ));
            }
        }
    }

    /** All rows, and the sensors; the brief then knows which lines came of which row. */
    public function all(Drafting $drafting): Drafting
    {
        $rows = [];
        foreach ($this->brief->appliances as $wanted) {
            [$drafting, $new] = $this->row($drafting, $wanted, self::names($drafting->board, $wanted, $wanted->count));
            $rows[] = Copy::of($wanted, ['lines' => $new]);
        }
        foreach ($this->brief->sensors as $sensor) {
            $drafting = $this->sensor($drafting, $sensor);
        }

        return new Drafting(
            $drafting->board->with(brief: Copy::of($this->brief, ['appliances' => $rows])),
            $drafting->edits,
            $drafting->decided,
        );
    }

    /**
     * More lines of a row, with what belongs to them.
     *
     * @param list<string> $names
     * @return array{Drafting, list<string>} with the ids of the lines
     */
    public function row(Drafting $drafting, Wanted $wanted, array $names): array
    {
        $before = array_keys($drafting->board->lines);
        $appliance = $this->catalogue->part($wanted->appliance ?? self::STAND_IN);
        if ([] === $names || !$appliance instanceof Appliance) {
            return [$drafting, []];
        }
        $drafting = $drafting->made(new AddLines($names, $appliance));
        $lines = array_map(strval(...), array_values(array_diff(array_keys($drafting->board->lines), $before)));
        foreach ($lines as $line) {
            $drafting = $this->described($drafting, $wanted, $line);
        }
        $drafting = $this->restored($drafting, $wanted, $lines);

        return [$this->operated($drafting, $lines, $this->brief->waysFor($wanted)), $lines];
    }

    /**
     * What more lines of a row are called.
     *
     * @return list<string> names that no line bears yet
     */
    public static function names(Board $board, Wanted $row, int $count): array
    {
        $taken = array_map(static fn(Line $line): string => $line->name, $board->lines);
        $names = [];
        for ($number = 1; count($names) < $count; ++$number) {
            $name = 1 === $number && 1 === $row->count ? $row->name : $row->name . ' ' . $number;
            if (!in_array($name, $taken, true)) {
                $names[] = $name;
            }
        }

        return $names;
    }

    /** Of what nobody has said, the side is taken on which more is checked. */
    public function described(Drafting $drafting, Wanted $wanted, string $line): Drafting
    {
        if (null === $wanted->appliance) {
            $load = $wanted->load ?? LoadKind::Resistive;

            return $drafting->made(new DescribeAppliance(
                $line,
                $wanted->name,
                $load,
                $wanted->watts ?? 1.0,
                mustNotSelfStart: true !== $wanted->mayStart,
                mustComeBack: true === $wanted->mustComeBack,
                earthed: true,
                heats: LoadKind::Resistive === $load,
                wet: true,
            ), sprintf(
                '“%s” is taken for one that wants earth, stands in the wet%s%s, until you describe it under Lines',
                $drafting->board->nameOf($line),
                LoadKind::Resistive === $load ? ', makes heat' : '',
                null === $wanted->mayStart ? ' and may not start by itself' : '',
            ));
        }

        return null === $wanted->watts ? $drafting : $drafting->made(new StateLoad($line, $wanted->watts));
    }

    /**
     * @param list<string> $lines
     * @param list<SurfaceKind> $ways
     */
    public function operated(Drafting $drafting, array $lines, array $ways): Drafting
    {
        foreach ($ways as $way) {
            if ($way->isRemote()) {
                $drafting = $this->fromAfar($drafting, $lines, $way);
                continue;
            }
            foreach ($lines as $line) {
                $drafting = $drafting->tried(new AddSurface($line, $way));
            }
        }

        return $this->offOnly($drafting, $lines, $ways);
    }

    /**
     * @param list<string> $lines
     */
    private function fromAfar(Drafting $drafting, array $lines, SurfaceKind $way): Drafting
    {
        $there = self::channel($drafting->board, $way);
        if (null !== $there) {
            return $drafting->tried(new PutOnChannel($there, $lines));
        }
        [$id, $name] = self::profile($way);
        $profile = $this->catalogue->part($id);
        if (!$profile instanceof SurfaceProfile) {
            return $drafting;
        }
        // What cannot reach a board by itself hands on to a broker in the house.
        $drafting = $profile->reachesBoard ? $drafting : $this->fromAfar($drafting, $lines, SurfaceKind::NetworkTopic);
        $next = $profile->reachesBoard ? null : self::channel($drafting->board, SurfaceKind::NetworkTopic);
        $drafting = $drafting->made(new AddChannel($profile, $name));
        $channel = (string) array_key_last($drafting->board->channels);
        $drafting = null === $next ? $drafting : $drafting->tried(new HandOn($channel, $next));

        return $drafting->tried(new PutOnChannel($channel, $lines));
    }

    /** The channel that calls lines so, where the board has one. */
    private static function channel(Board $board, SurfaceKind $way): ?string
    {
        foreach ($board->channels as $channel => $one) {
            if (SurfaceKind::of($board->profile($one)->addressing) === $way) {
                return $channel;
            }
        }

        return null;
    }

    /**
     * By which profile a line is reached, where nobody has named another.
     *
     * @return array{string, string} part id, and what its channel is called
     */
    private static function profile(SurfaceKind $way): array
    {
        return match ($way) {
            SurfaceKind::SpokenName => ['spoken-assistant', 'Spoken names'],
            SurfaceKind::SerialRadio => ['serial-radio-text', 'Serial radio'],
            SurfaceKind::WebRequest => ['web-request', 'Web requests'],
            SurfaceKind::ServiceEntry => ['numbered-service', 'Service'],
            SurfaceKind::ServiceRule => ['house-rules', 'Rules'],
            SurfaceKind::PanelTile => ['phone-panel', 'Panel'],
            default => ['message-broker', 'Network'],
        };
    }

    /**
     * Whoever is not there may only switch off what must never start by itself.
     *
     * @param list<string> $lines
     * @param list<SurfaceKind> $ways
     */
    private function offOnly(Drafting $drafting, array $lines, array $ways): Drafting
    {
        foreach ($lines as $line) {
            if (!$drafting->board->mustNotStart($line)) {
                continue;
            }
            foreach ($drafting->board->lines[$line]->surfaces as $id => $surface) {
                $isFromAfar = $surface->kind->isRemote() && in_array($surface->kind, $ways, true);
                $drafting = $isFromAfar ? $drafting->tried(
                    TellSurface::keeping($id, $surface, Operation::Off),
                    sprintf('“%s” is only switched off by %s', $drafting->board->nameOf($line), $surface->kind->value),
                ) : $drafting;
            }
        }

        return $drafting;
    }

    /**
     * What the brief says of starting can forbid what the appliance’s kind allows, not the other way round; off is what hurts nobody.
     *
     * @param list<string> $lines
     */
    public function restored(Drafting $drafting, Wanted $wanted, array $lines): Drafting
    {
        if ([] === $lines) {
            return $drafting;
        }
        $says = null === $wanted->appliance ? [] : array_filter(
            [
                'mustNotStart' => null === $wanted->mayStart ? null : !$wanted->mayStart,
                'mustComeBack' => $wanted->mustComeBack,
            ],
            static fn(?bool $said): bool => null !== $said,
        );
        $drafting = [] === $says ? $drafting : $drafting->tried(new StateSafety($lines, ...$says));
        $drafting = false === $wanted->mayStart ? $this->offOnly($drafting, $lines, SurfaceKind::cases()) : $drafting;
        $board = $drafting->board;
        $comesBack = $board->mustComeBack($lines[0]) && !$board->mustNotStart($lines[0]);
        if ($comesBack && $board->appliance($board->lines[$lines[0]])->heats) {
            return $drafting;
        }

        return $drafting->tried(
            new StateSafety($lines, restore: $comesBack ? RestorePolicy::On : RestorePolicy::Off),
            sprintf('“%s” is %s after a power cut', $wanted->name, $comesBack ? 'on' : 'off'),
        );
    }

    public function sensor(Drafting $drafting, string $id): Drafting
    {
        $device = $this->catalogue->part($id);
        $kind = self::SENSORS[$id] ?? null;
        if (!$device instanceof Device || null === $kind) {
            return $drafting;
        }
        $drafting = $drafting->made(new AddFunction($kind, $device->identity->name));
        $function = (string) array_key_last($drafting->board->functions);
        if (FunctionKind::LeakProbe === $kind) {
            // A detector board gives its own 5 V to the pin; two bare wires with a resistor suit every controller.
            return $drafting->tried(
                new FitPull($function, PullDirection::Up, self::PROBE_OHMS),
                'the leak probe is two bare contacts with a pull-up of 10 kΩ',
            );
        }

        return $drafting->tried(new AttachDevice($device, $device->identity->name, function: $function));
    }
}
