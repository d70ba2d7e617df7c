<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Bench;

use IronLatch\Core\Bench\BoardFacts;
use IronLatch\Core\Bench\Chances;
use IronLatch\Core\Bench\Claim;
use IronLatch\Core\Bench\Corner;
use IronLatch\Core\Bench\Deed;
use IronLatch\Core\Bench\DeedKind;
use IronLatch\Core\Bench\Happening;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Bench\Scene;
use IronLatch\Core\Bench\Tracks;
use IronLatch\Core\Bench\World;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Controls\ChangeChannel;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Drivers\StateActiveLevel;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Lines\SenseState;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Relays\InterlockGroup;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\LinkKind;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Control\Outages;
use IronLatch\Core\Program\Micros;
use IronLatch\Core\Program\Presence;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\BenchDesk;
use IronLatch\Tests\Support\Sample;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** What must hold whatever happens, over random hands, messages, sensors, outages and power cuts. */
#[Group('properties')]
final class RandomCoursesTest extends TestCase
{
    private const FULL = 20_000;
    private const SAMPLE = 1_200;
    /** What relays take, and what two that move the same way may differ by. */
    private const RELAY_MICROS = 30_000;
    private const QUIET_EVERY = 40;
    /** The slowest way of all these boards takes less. */
    private const TOLD_MICROS = 6_000_000;

    /**
     * @return iterable<string, array{\Closure(): Board, int}> the board, and a seed
     */
    public static function boards(): iterable
    {
        yield 'utility room' => [static fn(): Board => BenchDesk::demo('utility-room'), 11];
        yield 'fermentation' => [static fn(): Board => BenchDesk::demo('fermentation'), 12];
        yield 'aquarium' => [static fn(): Board => BenchDesk::demo('aquarium'), 13];
        yield 'first try' => [static fn(): Board => BenchDesk::demo('first-try'), 14];
        yield 'operated in many ways' => [static fn(): Board => TestBoards::edited(
            TestBoards::operatedInManyWays(),
            new ChangeChannel('C1', link: LinkKind::Inside),
            new ChangeChannel('C2', blockSeconds: 0.0),
            new ChangeChannel('C3', blockSeconds: 3.0),
            new StateActiveLevel(['A5'], Level::High),
            new StateSafety(['L1'], restore: RestorePolicy::Last, restSeconds: 7.0),
            new StateSafety(['L4'], restore: RestorePolicy::On),
        ), 15];
        yield 'apart with a long pause' => [static fn(): Board => TestBoards::edited(
            TestBoards::withLines(3),
            new AddGroup(GroupKind::NeverTogether, 'Apart', ['F1', 'F2', 'F3']),
            new InterlockGroup('G1', pauseSeconds: 0.8),
            new AddChannel(TestBoards::part('serial-radio-text', SurfaceProfile::class), 'Radio'),
            new PutOnChannel('C1', ['L1', 'L2', 'L3']),
            new ChangeChannel('C1', link: LinkKind::Inside),
            new AddSurface('L1', SurfaceKind::PushButton),
            new SeatFunction('F4', '4'),
        ), 17];
        yield 'never together, and sensed' => [static fn(): Board => TestBoards::edited(
            TestBoards::operatedInManyWays(),
            new ChangeChannel('C1', link: LinkKind::Inside),
            new ChangeChannel('C2', blockSeconds: 0.0),
            new ChangeChannel('C3', blockSeconds: 0.0),
            new StateActiveLevel(['A5'], Level::High),
            new AddGroup(GroupKind::NeverTogether, 'Apart', ['F1', 'F11']),
            new SenseState('L1', TestBoards::part('pc817', OptoCoupler::class)),
            new SeatFunction('F13', '27'),
        ), 16];
    }

    /**
     * @param \Closure(): Board $board
     */
    #[DataProvider('boards')]
    public function testWhateverHappensWhatMustHoldHolds(\Closure $board, int $seed): void
    {
        $count = Sample::size(self::SAMPLE, self::FULL);
        $log = $this->play($board(), $seed, $count, true);
        self::assertSame($log, $this->play($board(), $seed, $count, false), 'The same events from the same seed run the same.');
    }

    /** A contact that has welded: where it is sensed no surface claims that it is off, where it is not none claims that it knows. */
    public function testNobodyClaimsThatAWeldedContactIsOff(): void
    {
        $board = TestBoards::edited(
            TestBoards::operatedInManyWays(),
            new ChangeChannel('C1', link: LinkKind::Inside),
            new ChangeChannel('C2', blockSeconds: 0.0),
            new ChangeChannel('C3', blockSeconds: 0.0),
            new StateActiveLevel(['A5'], Level::High),
            new SenseState('L1', TestBoards::part('pc817', OptoCoupler::class)),
            new SeatFunction('F13', '27'),
        );
        $facts = BoardFacts::of(new Inspection($board), Corner::Drawn, 21);
        $world = new World($facts);
        $scene = $world->dark(21);
        $chances = new Chances(4711);
        $world->mainsComes($scene, 0);
        $world->runTo($scene, Micros::of(8.0));
        $claims = [];
        for ($number = 1; $number <= Sample::size(400, 4_000); ++$number) {
            if (20 === $number) {
                foreach (['A1', 'A5'] as $relay) {
                    $world->deed($scene, Deed::of(0.0, DeedKind::Weld, $relay));
                }
            }
            $world->deed($scene, $this->deed($facts, $scene, $chances));
            $world->runTo($scene, $scene->now + Micros::of($chances->between(0.1, 2.0)));
            $isQuiet = $number > 20 && 0 === $number % self::QUIET_EVERY;
            if ($isQuiet) {
                $this->quiet($world, $scene);
            }
            if ($number > 20) {
                foreach ($facts->map()->entries as $surface => $entry) {
                    // What is sensed is judged when all of it has been told; what is only told says nothing at any time.
                    $counts = 'L4' === $entry->line || 'L1' === $entry->line && $isQuiet;
                    if ($counts && isset($facts->map()->routes[$entry->column])) {
                        $claims[$entry->line][$world->claim($scene, $surface)->value] = true;
                    }
                }
            }
            if ($isQuiet) {
                self::assertSame([1, 1], [$scene->running['L1'] ?? 0, $scene->running['L4'] ?? 0], 'They are on, whatever they are told.');
            }
            $scene->log = [];
        }
        self::assertArrayNotHasKey(Claim::Off->value, $claims['L1']);
        self::assertArrayHasKey(Claim::On->value, $claims['L1']);
        self::assertSame([], array_intersect_key($claims['L4'], [Claim::On->value => true, Claim::Off->value => true]));
        self::assertArrayHasKey(Claim::ToldOff->value, $claims['L4'], 'It was told to be off, and that is all that is said.');
    }

    /** @return string a hash of everything that happened */
    private function play(Board $board, int $seed, int $count, bool $looks): string
    {
        $facts = BoardFacts::of(new Inspection($board), Corner::Drawn, $seed);
        $world = new World($facts);
        $scene = $world->dark($seed);
        $chances = new Chances($seed * 7919);
        $world->mainsComes($scene, 0);
        $world->runTo($scene, Micros::of(8.0));
        $hash = hash_init('xxh128');
        $known = [];
        $states = Tracks::of($scene->log)->all($scene->now);
        for ($number = 1; $number <= $count; ++$number) {
            $deed = $this->deed($facts, $scene, $chances);
            $world->deed($scene, $deed);
            // Some come close together, some leave time.
            $world->runTo(
                $scene,
                $scene->now + Micros::of(0 === $chances->below(4) ? $chances->between(1.0, 20.0) : $chances->between(0.001, 0.4)),
            );
            if (0 === $number % self::QUIET_EVERY) {
                $this->quiet($world, $scene);
                if ($looks) {
                    $this->looksWhenQuiet($facts, $scene);
                    $this->looksWhetherItListens($facts, $world, clone $scene);
                }
            }
            foreach ($scene->log as $one) {
                hash_update($hash, sprintf('%d %d %s %s %s|', $one->id, $one->micros, $one->kind->value, $one->subject, $one->value));
                $known[$one->id] = $one;
            }
            if ($looks) {
                $this->looksAt($facts, $scene->log, $known);
                $states = Tracks::of($scene->log, $states)->all($scene->now);
                self::assertSame([], array_diff_assoc($scene->states(), $states), 'What is told of a part is what it is.');
            }
            $scene->log = [];
            $known = count($known) > 20_000 ? array_slice($known, -10_000, null, true) : $known;
        }

        return hash_final($hash);
    }

    private function deed(BoardFacts $facts, Scene $scene, Chances $chances): Deed
    {
        $board = $facts->inspection->board;
        $surfaces = array_keys($facts->map()->entries);
        $surface = $surfaces[$chances->below(count($surfaces))];
        $entry = $facts->map()->entries[$surface];
        $outages = Outages::of($facts->map())->all;
        $outage = $outages[$chances->below(count($outages))]->key();

        $roll = $chances->below(100);

        return match (true) {
            $roll < 6 => Deed::of(0.0, isset($scene->outage[$outage]) ? DeedKind::Back : DeedKind::Outage, $outage),
            $roll < 10 => Deed::of(0.0, $scene->hasMains ? DeedKind::CutMains : DeedKind::MainsBack),
            $roll < 11 => Deed::of(0.0, DeedKind::Hang),
            $roll < 15 && [] !== $board->channels => Deed::of(
                0.0,
                DeedKind::Lose,
                array_keys($board->channels)[$chances->below(count($board->channels))],
            ),
            $entry->kind->isRemote() => Deed::of(
                0.0,
                DeedKind::Say,
                $surface,
                ['on', 'off', 'toggle', (string) $chances->below(130), 'nonsense'][$chances->below(5)],
            ),
            SurfaceKind::SensorRule === $entry->kind => Deed::of(
                0.0,
                DeedKind::Sensor,
                $surface,
                ['', 'yes', 'no', (string) round($chances->between(10.0, 70.0), 1)][$chances->below(4)],
            ),
            SurfaceKind::Knob === $entry->kind => Deed::of(0.0, DeedKind::Turn, $surface, (string) $chances->below(3)),
            SurfaceKind::Timer === $entry->kind, SurfaceKind::StatusLight === $entry->kind => Deed::of(0.0, DeedKind::MainsBack),
            default => Deed::of(0.0, DeedKind::Press, $surface, '', $chances->between(0.02, 1.5)),
        };
    }

    /** Everything is well again, and has its time. */
    private function quiet(World $world, Scene $scene): void
    {
        $world->deed($scene, Deed::of(0.0, DeedKind::MainsBack));
        foreach (array_keys($scene->outage) as $key) {
            $world->deed($scene, Deed::of(0.0, DeedKind::Back, $key));
        }
        $scene->toLose = [];
        $world->runTo($scene, $scene->now + Micros::of(100.0));
    }

    /** What is told is what is commanded wherever the link has been whole, and with a sense what truly is. */
    private function looksWhenQuiet(BoardFacts $facts, Scene $scene): void
    {
        if (null === $scene->program) {
            return;
        }
        foreach ($facts->map()->entries as $surface => $entry) {
            $route = $facts->map()->routes[$entry->column] ?? null;
            if (null === $route || !$entry->direction->tellsState() || [] === $facts->map()->at(
                $entry->line,
                $route->hops[count($route->hops) - 1]->id,
            )) {
                continue;
            }
            $shown = $scene->shown[$surface] ?? null;
            $movedAt = max($scene->begunAt[$entry->line] ?? 0, $scene->restedAt[$entry->line] ?? 0);
            // What has just begun after its rest is still on its way to be shown.
            if (null !== $shown && $scene->now - $movedAt > self::TOLD_MICROS) {
                self::assertSame(
                    $scene->program->step($entry->line) > 0,
                    $shown > 0,
                    sprintf('“%s” on %s at %.3f s', $entry->line, $entry->column, $scene->now / 1e6),
                );
            }
        }
    }

    /** No button is ignored for longer than debounce and reading take: it acts, or it is said why not. */
    private function looksWhetherItListens(BoardFacts $facts, World $world, Scene $scene): void
    {
        foreach ($facts->plan->contacts as $function => $contact) {
            if ($contact->stays || 'running' !== $scene->chip || $scene->isHung || !isset($facts->pins[$function])) {
                continue;
            }
            foreach ($contact->acts as [$act, $operation]) {
                if (Operation::Toggle !== $operation || $act->isOnGroup()) {
                    continue;
                }
                $try = clone $scene;
                $try->log = [];
                $was = $try->program?->wanted($act->target);
                $world->deed($try, Deed::of(0.0, DeedKind::Press, $act->surface));
                $world->runTo($try, $try->now + Micros::of(0.1));
                $refused = array_filter($try->log, static fn(Happening $one): bool => Happens::Refused === $one->kind);
                self::assertTrue($was !== $try->program?->wanted($act->target) || [] !== $refused, $function . ' is ignored.');
            }
        }
    }

    /**
     * @param list<Happening> $log
     * @param array<int, Happening> $known
     */
    private function looksAt(BoardFacts $facts, array $log, array $known): void
    {
        foreach ($log as $one) {
            if (Happens::Harm === $one->kind) {
                self::assertSame('haste', $one->value, 'Never two closed that may not be: ' . $one->words);
            }
            if (Happens::Appliance !== $one->kind) {
                continue;
            }
            $line = $facts->plan->lines[$one->subject];
            foreach ('0' === $one->value ? [] : $line->apart as $other => $pause) {
                // From one at rest to the other on: its dead time, as far as both relays take alike.
                self::assertGreaterThanOrEqual($pause - self::RELAY_MICROS, $one->micros - ($this->rested[$other] ?? -$pause), $one->words);
            }
            if ('0' === $one->value) {
                $this->rested[$one->subject] = $one->micros;
                continue;
            }
            if ($line->mustNotStart && !isset($facts->unable[$line->outputs[array_key_first($line->outputs) ?? '']->function ?? ''])) {
                $this->wasStartedByAHand($facts, $one, $known);
            }
            $rest = $line->restMicros;
            if ($rest > 0 && isset($this->rested[$one->subject]) && Happens::Mains !== ($known[$one->cause] ?? $one)->kind) {
                self::assertGreaterThanOrEqual($rest - self::RELAY_MICROS, $one->micros - $this->rested[$one->subject], $one->words);
            }
        }
    }

    /** @var array<string, int> */
    private array $rested = [];

    /**
     * @param array<int, Happening> $known
     */
    private function wasStartedByAHand(BoardFacts $facts, Happening $one, array $known): void
    {
        // Between two steps, and where the circuit itself twitches or cannot let go, nobody asks the program.
        $at = $one;
        while (isset($known[$at->cause])) {
            $at = $known[$at->cause];
            if (Happens::Phase === $at->kind || Happens::Runs === $at->kind || Happens::Mains === $at->kind) {
                self::assertNotSame([], $facts->relays, 'A film or a contact at rest, which other checks speak of.');

                return;
            }
        }
        $entry = $facts->map()->entries[$at->subject] ?? null;
        $key = $facts->map()->keys[$at->subject] ?? null;
        $presences = [];
        foreach ($facts->plan->contacts as $contact) {
            foreach ($contact->acts as [$act]) {
                $presences[$act->surface] = $act->presence;
            }
        }
        foreach ($facts->plan->keys as $keys) {
            foreach (array_merge(...array_values($keys)) as [$act]) {
                $presences[$act->surface] = $act->presence;
            }
        }
        self::assertSame(
            Presence::Here,
            $presences[$entry->surface ?? $key->id ?? ''] ?? null,
            sprintf('%s by %s', $one->words, $at->words),
        );
    }
}
