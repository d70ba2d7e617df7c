<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange\Firmware;

use IronLatch\Core\Board\InfraredEncoding;
use IronLatch\Core\Board\LampTells;
use IronLatch\Core\Board\LostSensor;
use IronLatch\Core\Board\MissedTime;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Board\Sensed;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Program\Act;
use IronLatch\Core\Program\LinePlan;
use IronLatch\Core\Program\MessagePlan;
use IronLatch\Core\Program\Micros;
use IronLatch\Core\Program\Presence;
use IronLatch\Core\Program\ProgramPlan;
use IronLatch\Core\Program\Usual;
use IronLatch\Core\Program\Wish;

/**
 * What a program knows of its board, as rows of the tables of `firmware/latch/facts.h`: what the plan calls by ids stands there by places.
 * Times are whole milliseconds, rounded up, so that nothing is shorter than it was stated.
 */
final class ProgramTables
{
    /** A place in a table is one byte, and the last value is no place. */
    private const MOST_ROWS = 254;
    /** Lines and groups share the places of a target. */
    private const MOST_LINES = 127;
    /** Between readings and thresholds: 1/10000 of °C or %. */
    public const PARTS_OF_UNIT = 10_000;
    private const NONE = 'NONE';
    private const FLAGS = ['FOLLOWS_SWITCH', 'MUST_NOT_START', 'REMOTE_START', 'BARRED', 'BOTH_WAYS', 'COUNTS', 'SENSED', 'TWO_WAY'];

    /** @var array<string, int> places of lines, by id */
    public readonly array $lines;
    /** @var array<string, int> places of outputs in the table of pins, by function: outputs in the order of the start, then lamps */
    public readonly array $pins;
    /** @var array<string, int> places of contacts, by function */
    public readonly array $contacts;
    /** @var array<string, int> places of receivers, by function */
    public readonly array $receivers;
    /** @var array<string, int> places of what rules read, by function */
    public readonly array $sensors;
    /** @var array<string, int> places of what hears an appliance, by function */
    public readonly array $senses;
    /** @var array<string, int> places of knobs, by id of the plan */
    public readonly array $selectors;
    /** @var array<string, int> places of channels, by id */
    public readonly array $channels;
    /** @var array<string, list<string>> rows by table */
    private array $rows = [];
    /** @var array<int|string, string> names of texts, by what they say */
    private array $texts = ['' => 'NO_TEXT'];
    /** @var list<int> milliseconds after which a moment matters no more */
    private array $waits = [0];

    private function __construct(private readonly ProgramPlan $plan)
    {
        $this->lines = self::places(array_keys($plan->lines));
        $this->pins = self::places([...$plan->order, ...array_keys($plan->lamps)]);
        // A ladder is read as a number, and is no contact.
        $ofKnobs = array_filter(
            array_keys($plan->positions),
            static fn(string $one): bool => count($plan->selectors[$plan->positions[$one]]->functions) > 1,
        );
        $this->contacts = self::places([...array_keys($plan->contacts), ...$ofKnobs]);
        $this->receivers = self::places(array_keys($plan->keys));
        $this->sensors = self::places(array_values(array_map(static fn($sensor): string => $sensor->function, $plan->sensors)));
        $this->senses = self::places(array_keys($plan->senses));
        $this->selectors = self::places(array_keys($plan->selectors));
        $this->channels = self::places(array_keys($plan->channels));
    }

    /**
     * @param array<array-key, string> $ids
     * @return array<string, int>
     */
    private static function places(array $ids): array
    {
        return array_flip(array_values(array_unique($ids)));
    }

    /**
     * @throws \DomainException for a board that is too large for a small chip’s tables
     */
    public static function of(ProgramPlan $plan): self
    {
        $tables = new self($plan);
        $tables->fill();
        $most = max([0, ...array_map(count(...), array_values($tables->rows))]);
        if ($most > self::MOST_ROWS || count($tables->lines) > self::MOST_LINES || count($tables->pins) > self::MOST_ROWS) {
            throw new \DomainException(sprintf(
                'The program has room for %d rows in each of its tables, and this board needs %d. Operate fewer lines by fewer surfaces.',
                self::MOST_ROWS,
                $most,
            ));
        }

        return $tables;
    }

    /**
     * @return array<string, int> counts and limits, by the name that they have in the program
     */
    public function numbers(): array
    {
        $plan = $this->plan;
        $pulsed = 0;
        foreach ($plan->lines as $line) {
            foreach ($line->outputs as $output) {
                $pulsed += $output->isPulsed() ? 1 + (null === $output->opener ? 0 : 1) : 0;
            }
        }

        return [
            'LINE_COUNT' => count($plan->lines),
            'PIN_COUNT' => count($this->pins),
            'OUTPUT_PINS' => count(array_unique($plan->order)),
            'CONTACT_COUNT' => count($this->contacts),
            'SELECTOR_COUNT' => count($plan->selectors),
            'RECEIVER_COUNT' => count($this->receivers),
            'KEY_COUNT' => count($this->rows['KEYS']),
            'CHANNEL_COUNT' => count($plan->channels),
            'RULE_COUNT' => count($plan->sensors),
            'SENSOR_COUNT' => count($this->sensors),
            'SENSE_COUNT' => count($this->senses),
            'TIMER_COUNT' => count($plan->timers),
            'LAMP_COUNT' => count($plan->lamps),
            'RUN_LIMITS' => count(array_filter($plan->lines, static fn(LinePlan $line): bool => $line->runMicros > 0)),
            'SENSED_LINES' => count(array_filter($plan->lines, static fn(LinePlan $line): bool => null !== $line->sense)),
            'PULSED_PINS' => $pulsed,
            'DEBOUNCE_MS' => self::milliseconds($plan->debounceMicros),
            'STAGGER_MS' => self::milliseconds($plan->staggerMicros),
            'AT_ONCE' => min(255, $plan->atOnce ?? 255),
            'KEEP_MS' => self::milliseconds($plan->keepMicros),
            'LONGEST_WAIT_MS' => max([0, ...$this->waits]) + self::milliseconds($plan->staggerMicros) * count($plan->lines) + 1000,
        ];
    }

    /**
     * @return array<string, list<string>> rows by table, each as it is written
     */
    public function rows(): array
    {
        return $this->rows;
    }

    /**
     * @return array<string, string> what is said, by the name of its text
     */
    public function texts(): array
    {
        // A key that looks like a number is one to PHP.
        return array_map(strval(...), array_flip($this->texts));
    }

    private function fill(): void
    {
        $this->rows = array_fill_keys([
            'LINES', 'OUTPUTS', 'STEPS', 'STEP_OUTPUTS', 'APARTS', 'GROUPS', 'MEMBERS', 'ACTS', 'CONTACTS', 'SELECTORS',
            'SELECTOR_CONTACTS',
            'KEYS', 'CHANNELS', 'MESSAGES', 'RANGES', 'RULES', 'TIMERS', 'MOMENTS', 'LAMPS', 'SENSES',
        ], []);
        foreach ($this->plan->lines as $line) {
            $this->line($line);
        }
        foreach ($this->plan->groups as $group) {
            $this->row('GROUPS', count($this->rows['MEMBERS']), count($group->lines));
            foreach ($group->lines as $line) {
                $this->row('MEMBERS', $this->lines[$line], in_array($line, $group->lit, true));
            }
        }
        $this->inputs();
        $this->keys();
        $this->channels();
        $this->rules();
        $this->timers();
        foreach ($this->plan->lamps as $lamp) {
            $this->row('LAMPS', $this->pins[$lamp->function], match ($lamp->tells) {
                LampTells::Line => 'TELLS_LINE',
                LampTells::Connected => 'TELLS_CONNECTED',
                LampTells::Alarm => 'TELLS_ALARM',
                LampTells::Alive => 'TELLS_ALIVE',
            }, '' === $lamp->line ? self::NONE : $this->lines[$lamp->line]);
        }
        foreach ($this->plan->senses as $line) {
            $this->row('SENSES', $this->lines[$line]);
        }
    }

    private function row(string $table, bool|int|string ...$values): void
    {
        $cells = array_map(static fn(bool|int|string $value): string => is_bool($value) ? ($value ? '1' : '0') : (string) $value, $values);
        $this->rows[$table][] = 1 === count($cells) ? $cells[0] : '{' . implode(', ', $cells) . '}';
    }

    private static function milliseconds(int $micros): int
    {
        return (int) ceil($micros / Micros::MILLISECOND);
    }

    private function line(LinePlan $line): void
    {
        $first = count($this->rows['OUTPUTS']);
        $places = [];
        foreach ($line->outputs as $relay => $output) {
            $places[$relay] = count($this->rows['OUTPUTS']);
            $this->row(
                'OUTPUTS',
                $this->pins[$output->function],
                null === $output->opener ? self::NONE : $this->pins[$output->opener],
                self::milliseconds($output->pulseMicros),
                $output->restsClosed,
            );
        }
        $firstStep = count($this->rows['STEPS']);
        foreach ($line->steps as $relays) {
            $own = array_values(array_filter(array_map(static fn(string $relay): ?int => $places[$relay] ?? null, $relays), is_int(...)));
            $this->row('STEPS', count($this->rows['STEP_OUTPUTS']), count($own));
            foreach ($own as $place) {
                $this->row('STEP_OUTPUTS', $place);
            }
        }
        $firstApart = count($this->rows['APARTS']);
        foreach ($line->apart as $other => $pause) {
            $this->row('APARTS', $this->lines[$other], $this->waits[] = self::milliseconds($pause));
        }
        $flags = array_keys(array_filter(array_combine(self::FLAGS, [
            $line->followsSwitch, $line->mustNotStart, $line->remoteStart, $line->isBarred, $line->runsBothWays, $line->counts,
            null !== $line->sense, $line->isTwoWay,
        ])));
        $this->row(
            'LINES',
            $first,
            count($line->outputs),
            $firstStep,
            $line->top(),
            $firstApart,
            count($line->apart),
            match ($line->restore) {
                RestorePolicy::Off => 'STAYS_OFF',
                RestorePolicy::Last => 'AS_IT_WAS',
                RestorePolicy::On => 'GOES_ON',
            },
            [] === $flags ? '0' : implode(' | ', $flags),
            $this->waits[] = self::milliseconds($line->restMicros),
            $this->waits[] = self::milliseconds($line->pauseMicros),
            self::milliseconds($line->runMicros),
        );
    }

    /** In one piece: a table from what is asked to how the program calls it. */
    private function act(Act $act, Operation $operation = Operation::On): string
    {
        $target = $act->isOnGroup()
            ? 'GROUP + ' . (int) array_search($act->target, array_keys($this->plan->groups), true)
            : (string) $this->lines[$act->target];

        return sprintf('{%s, %s, %s, %s}', $target, match ($act->wish) {
            Wish::On => 'WISH_ON',
            Wish::Off => 'WISH_OFF',
            Wish::Toggle => 'WISH_TOGGLE',
            Wish::Up => 'WISH_UP',
            Wish::Down => 'WISH_DOWN',
            Wish::Next => 'WISH_NEXT',
            Wish::Step => 'WISH_STEP',
            Wish::Percent => 'WISH_PERCENT',
            Wish::Scene => 'WISH_SCENE',
        }, match ($act->presence) {
            Presence::Here => 'HERE',
            Presence::Away => 'AWAY',
            Presence::Itself => 'ITSELF',
        }, match ($operation) {
            Operation::Explicit => 'EXPLICIT',
            Operation::Toggle => 'TOGGLING',
            Operation::Push => 'PUSHING',
            default => 'PLAIN',
        });
    }

    /**
     * @param list<array{Act, Operation}> $acts
     * @return array{int, int} where they begin, and how many there are
     */
    private function acts(array $acts): array
    {
        $first = count($this->rows['ACTS']);
        foreach ($acts as [$act, $operation]) {
            $this->rows['ACTS'][] = $this->act($act, $operation);
        }

        return [$first, count($acts)];
    }

    private function inputs(): void
    {
        foreach (array_keys($this->contacts) as $function) {
            $contact = $this->plan->contacts[$function] ?? null;
            $selector = $this->plan->positions[$function] ?? null;
            $this->row(
                'CONTACTS',
                $contact->stays ?? false,
                ...[
                    ...$this->acts($contact->acts ?? []),
                    null === $selector ? self::NONE : $this->selectors[$selector],
                    null === $selector ? 0 : (int) array_search($function, $this->plan->selectors[$selector]->functions, true),
                ],
            );
        }
        foreach ($this->plan->selectors as $selector) {
            $own = array_values(array_filter(
                array_map(fn(string $function): ?int => $this->contacts[$function] ?? null, $selector->functions),
                is_int(...),
            ));
            $acts = $this->acts(array_map(static fn(Act $act): array => [$act, Operation::Steps], $selector->acts));
            $this->row('SELECTORS', $selector->positions, count($this->rows['SELECTOR_CONTACTS']), count($own), ...$acts);
            foreach ($own as $place) {
                $this->row('SELECTOR_CONTACTS', $place);
            }
        }
    }

    private function keys(): void
    {
        foreach ($this->plan->keys as $receiver => $keys) {
            foreach ($keys as $key => $acts) {
                $isPulse = 1 === preg_match('/^p([0-9A-F]{8})$/', $key, $match);
                // Codes of other kinds are not heard by this program: a check says so.
                if ($isPulse || 1 === preg_match('/^' . InfraredEncoding::Raw->name . '32:([0-9A-F]+)$/', $key, $match)) {
                    $this->row(
                        'KEYS',
                        $this->receivers[$receiver],
                        !$isPulse,
                        '0x' . str_pad($match[1], 8, '0', STR_PAD_LEFT) . 'UL',
                        ...$this->acts($acts),
                    );
                }
            }
        }
    }

    private function text(string $says): string
    {
        return $this->texts[$says] ??= 'TEXT_' . count($this->texts);
    }

    private function channels(): void
    {
        foreach ($this->plan->channels as $channel) {
            $this->row(
                'CHANNELS',
                count($this->rows['MESSAGES']),
                count($channel->messages),
                $channel->connects,
                $channel->ignoresCase,
                $channel->trims,
                $channel->keepsStates,
                min(65_535, self::milliseconds($channel->blockMicros)),
                $this->text($channel->presence),
                $this->text($channel->here),
                $this->text($channel->gone),
            );
            foreach ($channel->messages as $message) {
                $this->message($message);
            }
        }
    }

    private function message(MessagePlan $message): void
    {
        [$before, $after] = [...explode('{value}', $message->set, 2), ''];
        $first = count($this->rows['RANGES']);
        $top = [] === $message->ranges ? 0 : max(array_keys($message->ranges));
        // The least percentage of each step, step by step.
        for ($step = 0; [] !== $message->ranges && $step <= $top; ++$step) {
            $this->row('RANGES', $message->ranges[$step][0] ?? 255);
        }
        $this->row(
            'MESSAGES',
            $this->act($message->act),
            $this->text($message->address),
            $this->text($message->on),
            $this->text($message->off),
            $this->text($message->toggle),
            $this->text($before),
            $this->text($after),
            match (true) {
                '' === $message->set => 'TAKES_NONE',
                $message->inSteps => 'TAKES_STEP',
                [] !== $message->ranges => 'TAKES_RANGES',
                default => 'TAKES_PERCENT',
            },
            $this->text($message->state),
            $this->text($message->toldOn),
            $first,
            count($this->rows['RANGES']) - $first,
        );
    }

    private function rules(): void
    {
        foreach ($this->plan->sensors as $sensor) {
            [$on, $off] = [$sensor->rule->on(), $sensor->rule->off()];
            $judges = Sensed::Event !== $sensor->rule->sensed && null !== $on && null !== $off;
            $this->row(
                'RULES',
                $this->act($sensor->act),
                $this->sensors[$sensor->function],
                $judges,
                $sensor->onlyOff,
                match ($sensor->rule->whenLost) {
                    LostSensor::On => 'COMES_ON',
                    LostSensor::Stays => 'STAYS',
                    LostSensor::Off, null => 'GOES_OFF',
                },
                $judges ? (int) round($on * self::PARTS_OF_UNIT) : 0,
                $judges ? (int) round($off * self::PARTS_OF_UNIT) : 0,
                $this->waits[] = self::milliseconds(Micros::of($sensor->rule->leastOnSeconds)),
                $this->waits[] = self::milliseconds(Micros::of($sensor->rule->leastOffSeconds)),
            );
        }
    }

    private function timers(): void
    {
        foreach ($this->plan->timers as $timer) {
            $this->row(
                'TIMERS',
                $this->act($timer->act),
                $timer->onlyOff,
                MissedTime::ByTheTable === $timer->schedule->missed,
                count($this->rows['MOMENTS']),
                count($timer->moments),
            );
            foreach ($timer->moments as [$at, $on]) {
                $this->row('MOMENTS', intdiv($at, Micros::MINUTE), $on);
            }
        }
    }

    /** Until a hung loop is reset. */
    public static function watchdogMilliseconds(?float $seconds): int
    {
        return self::milliseconds(Micros::of($seconds ?? Usual::WATCHDOG_SECONDS));
    }
}
