<?php

declare(strict_types=1);

namespace IronLatch\View\Bench;

use IronLatch\Core\Bench\Corner;
use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\DeedKind;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Bench\Pace;
use IronLatch\Core\Control\Outages;
use IronLatch\Core\Exchange\BenchScriptJson;
use IronLatch\Core\Program\Micros;

/** The bench alive: its picture, and what can be done to all of it. */
final readonly class BenchDrawing
{
    /**
     * @param list<BenchHand> $groups
     * @param list<BenchLever> $levers
     * @param list<BenchAct> $faults that can be planted
     * @param ?float $nextSeconds when something happens next; null when nothing does
     * @param ?BenchPhone $phone where the board serves a panel
     */
    private function __construct(
        public Course $course,
        public BenchPicture $picture,
        public array $groups,
        public array $levers,
        public array $faults,
        public ?float $nextSeconds,
        public ?BenchPhone $phone,
    ) {}

    /**
     * @param ?int $at microseconds of an earlier moment that is looked at; null for now
     * @param ?int $from microseconds from which what led here is played
     * @param ?int $why id of the happening whose causes are read
     */
    public static function of(Course $course, ?int $at = null, ?int $from = null, ?int $why = null): self
    {
        $picture = BenchPicture::of($course, $at, $from, $why);

        return new self(
            $course,
            $picture,
            (new BenchHands($course, $picture->states))->groups(),
            self::levers($course, $picture->states),
            self::faults($course),
            $course->nextSeconds(),
            BenchPhone::of($course, $picture->states),
        );
    }

    /**
     * @param array<string, string> $states
     * @return list<BenchLever>
     */
    private static function levers(Course $course, array $states): array
    {
        $hasMains = '1' === ($states[Happens::Mains->value . ' '] ?? '');
        $levers = [new BenchLever('mains', $hasMains, BenchAct::of(
            $hasMains ? 'Cut' : 'Put back',
            'mains',
            $hasMains ? DeedKind::CutMains : DeedKind::MainsBack,
        ))];
        foreach (Outages::of($course->facts->map())->all as $outage) {
            $isGone = 'gone' === ($states[Happens::Outage->value . ' ' . $outage->key()] ?? '');
            $levers[] = new BenchLever($outage->short(), !$isGone, BenchAct::of(
                $isGone ? 'Put back' : 'Cut',
                $outage->short(),
                $isGone ? DeedKind::Back : DeedKind::Outage,
                $outage->key(),
            ));
        }

        return $levers;
    }

    /**
     * @return list<BenchAct>
     */
    private static function faults(Course $course): array
    {
        $board = $course->facts->inspection->board;
        $acts = [BenchAct::of('The program hangs', '', DeedKind::Hang)];
        foreach ($board->channels as $id => $channel) {
            $acts[] = BenchAct::of(sprintf('Lose the next message on %s', $channel->name), '', DeedKind::Lose, $id);
        }
        foreach (array_keys($course->facts->relays) as $relay) {
            $acts[] = BenchAct::of(sprintf('Weld the contact of %s', $board->nameOf($relay)), '', DeedKind::Weld, $relay);
        }
        foreach ($board->lines as $id => $line) {
            if (null !== $line->twoWay) {
                $acts[] = BenchAct::of(sprintf('Throw the other switch of %s', $line->name), '', DeedKind::OtherSwitch, $id);
            }
        }

        return $acts;
    }

    /**
     * @return list<Pace>
     */
    public function paces(): array
    {
        return Pace::cases();
    }

    /**
     * @return list<Corner>
     */
    public function corners(): array
    {
        return Corner::cases();
    }

    /** The time of the week at the moment that is looked at: “Mon 08:00:12”. */
    public function clock(): string
    {
        $seconds = intdiv($this->course->scene->week + $this->picture->atMicros, Micros::SECOND);

        return WeekTime::printed($seconds) . sprintf(':%02d', $seconds % 60);
    }

    public function clockAtStart(): string
    {
        return WeekTime::printed($this->course->script->clock * 60);
    }

    /** The run as a file, as far as it has come. */
    public function scriptText(): string
    {
        return BenchScriptJson::write($this->course->script);
    }
}
