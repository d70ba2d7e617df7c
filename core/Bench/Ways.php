<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Addressing;
use IronLatch\Core\Catalogue\Need;
use IronLatch\Core\Control\Entry;
use IronLatch\Core\Control\GroupEntry;
use IronLatch\Core\Control\Hop;
use IronLatch\Core\Control\Outage;
use IronLatch\Core\Control\PinNumbers;
use IronLatch\Core\Control\Route;
use IronLatch\Core\Program\Micros;

/** Messages on their way: hop by hop to the board, and what it tells hop by hop back to whoever shows it. */
final readonly class Ways
{
    private Board $board;
    /** @var array<string, Route> */
    private array $routes;

    public function __construct(private BoardFacts $facts)
    {
        $this->board = $facts->inspection->board;
        $this->routes = $facts->map()->routes;
    }

    /** Seconds that all hops of a way add at the most. */
    public static function slowest(Route $route): float
    {
        $seconds = 0.0;
        foreach ($route->hops as $hop) {
            $seconds += $hop->profile->delaySeconds->max ?? Customary::HOP_SECONDS;
        }

        return $seconds;
    }

    /** Microseconds that a hop adds. */
    public function delay(Scene $scene, Hop $hop): int
    {
        $delay = $hop->profile->delaySeconds;

        return Micros::of(match (true) {
            null === $delay => Customary::HOP_SECONDS,
            Corner::Typical === $this->facts->corner => $delay->typ,
            Corner::Worst === $this->facts->corner => $delay->max,
            default => $scene->chances->between($delay->min, $delay->max),
        });
    }

    /**
     * Somebody says something on a channel.
     *
     * @param Entry|GroupEntry $entry of the first hop
     */
    public function say(Scene $scene, Entry|GroupEntry $entry, string $word, int $cause): void
    {
        $says = self::words($entry, $word);
        $subject = $entry instanceof Entry ? $entry->surface : $entry->group;
        if ('' === $says) {
            $scene->note(Happens::Lost, $subject, 'unsaid', fn(): string => sprintf('“%s” cannot be said here.', $word), $cause);

            return;
        }
        $id = $scene->note(Happens::Sent, $subject, $says, fn(): string => sprintf(
            'On “%s” somebody says “%s”.',
            $this->board->channels[$entry->column]->name,
            $says,
        ), $cause);
        $scene->later(new Pending($scene->now, 'hop', $entry->column, $id, number: 0, word: $word, entry: $entry));
    }

    private static function words(Entry|GroupEntry $entry, string $word): string
    {
        return match (true) {
            'on' === $word => $entry->on,
            'off' === $word => $entry->off,
            $entry instanceof GroupEntry => '',
            'toggle' === $word => $entry->toggle,
            ctype_digit($word) => $entry->setting((int) $word),
            default => $word,
        };
    }

    /** A message comes to a hop: lost there, or handed on. */
    public function hop(Scene $scene, Pending $it): void
    {
        [$channel, $entry, $word, $place, $cause] = [$it->subject, $it->entry, $it->word, $it->number, $it->cause];
        if (null === $entry) {
            return;
        }
        $route = $this->routes[$channel];
        $hop = $route->hops[$place];
        $subject = $entry instanceof Entry ? $entry->surface : $entry->group;
        $why = $this->lostAt($scene, $hop, $subject);
        if (null !== $why) {
            $scene->note(
                Happens::Lost,
                $subject,
                $hop->id,
                fn(): string => sprintf('The message is lost at “%s”: %s.', $hop->channel->name, $why),
                $cause,
            );

            return;
        }
        $scene->later(new Pending(
            $scene->now + $this->delay($scene, $hop),
            isset($route->hops[$place + 1]) ? 'hop' : 'arrive',
            $channel,
            $cause,
            number: $place + 1,
            word: $word,
            entry: $entry,
        ));
    }

    private function lostAt(Scene $scene, Hop $hop, string $subject): ?string
    {
        foreach ($scene->outage as $outage) {
            if ($hop->isGoneIn($outage)) {
                return $outage->words();
            }
        }
        if (($scene->toLose[$hop->id] ?? 0) > 0) {
            --$scene->toLose[$hop->id];

            return 'one is lost now and then';
        }
        if (!$hop->direction()->commands()) {
            return 'it only speaks';
        }
        $column = $this->facts->map()->columns[$hop->id] ?? null;
        if (null !== $column && $column->capacity > 0 && $this->placeOn($hop->id, $subject) >= $column->capacity) {
            return sprintf('it takes no more than %d', $column->capacity);
        }
        $lost = $hop->profile->lostShare ?? 0.0;

        return Corner::Drawn === $this->facts->corner && $lost > 0 && $scene->chances->next() < $lost ? 'one is lost now and then' : null;
    }

    /** Which of the entries of a channel one is, counted from 0. */
    private function placeOn(string $channel, string $subject): int
    {
        $place = array_search(
            $subject,
            array_map(static fn(Entry $entry): string => $entry->surface, $this->facts->map()->on($channel)),
            true,
        );

        return false === $place ? 0 : $place;
    }

    /** A message has passed all hops: the last one speaks to the board in its own words. */
    public function arrive(Scene $scene, World $world, Pending $it): void
    {
        [$channel, $entry, $word, $cause] = [$it->subject, $it->entry, $it->word, $it->cause];
        if (null === $entry) {
            return;
        }
        $last = $this->routes[$channel]->hops[count($this->routes[$channel]->hops) - 1];
        $subject = $entry instanceof Entry ? $entry->surface : $entry->group;
        $own = $this->onHop($last->id, $entry);
        if ([] === $own || !$last->profile->reachesBoard) {
            $scene->note(Happens::Lost, $subject, $last->id, fn(): string => sprintf(
                'Nothing of it comes to the board: %s.',
                $last->profile->reachesBoard
                    ? sprintf('“%s” does not know what it is for', $last->channel->name)
                    : sprintf('“%s” hands on to nobody', $last->channel->name),
            ), $cause);

            return;
        }
        if (!($scene->links[$last->id] ?? false)) {
            $scene->note(
                Happens::Lost,
                $subject,
                $last->id,
                fn(): string => $this->facts->noWayIn[$last->id] ?? sprintf('The board is not there for “%s”.', $last->channel->name),
                $cause,
            );

            return;
        }
        $says = self::words($own[0], $word);
        if ('' === $says) {
            $scene->note(
                Happens::Lost,
                $subject,
                $last->id,
                fn(): string => sprintf('“%s” has no word for it.', $last->channel->name),
                $cause,
            );

            return;
        }
        $id = $scene->note(
            Happens::Arrives,
            $subject,
            $says,
            fn(): string => sprintf('By “%s” comes “%s”.', $last->channel->name, $says),
            $cause,
        );
        if (null !== $last->profile->setsPins) {
            $this->writePin($scene, $world, $own[0]->address, $last, $says, $id);

            return;
        }
        $isText = Addressing::Command === $last->profile->addressing;
        $scene->later(new Pending($scene->now, 'message', $last->id, $id, word: $says, by: $isText ? '' : $own[0]->address));
    }

    /**
     * What a line or a group is called on the last hop.
     *
     * @return list<Entry>|list<GroupEntry>
     */
    private function onHop(string $channel, Entry|GroupEntry $entry): array
    {
        if ($entry->column === $channel) {
            return [$entry];
        }

        return $entry instanceof Entry
            ? $this->facts->map()->at($entry->line, $channel)
            : $this->facts->map()->groupsAt($entry->group, $channel);
    }

    /** A service writes a level to a pin itself, past the program. */
    private function writePin(Scene $scene, World $world, string $address, Hop $hop, string $says, int $cause): void
    {
        foreach ($this->facts->inspection->controller->pins as $pin) {
            if (PinNumbers::ofService($pin, $hop->profile) === $address && '' !== $address) {
                $world->writePin($scene, $pin->name(), '1' === $says, $cause);
            }
        }
    }

    /** Whether a hop is there for the board. */
    public function isThere(Scene $scene, string $channel): bool
    {
        if (isset($this->facts->noWayIn[$channel])) {
            return false;
        }
        $hop = $this->routes[$channel]->hops[0];
        foreach ($scene->outage as $outage) {
            if ($hop->isGoneIn($outage)) {
                return false;
            }
        }

        return true;
    }

    /** The board tells the state of a line: from hop to hop until somebody shows it. */
    public function tell(Scene $scene, string $channel, string $to, string $line, int $state, int $cause): void
    {
        if (!$this->isThere($scene, $channel)) {
            return;
        }
        foreach ($this->facts->map()->ofLine($line) as $entry) {
            $route = $this->routes[$entry->column] ?? null;
            if (null === $route || !$entry->direction->tellsState()) {
                continue;
            }
            $last = $route->hops[count($route->hops) - 1];
            $own = $last->id === $channel ? $this->facts->map()->at($line, $channel)[0] ?? null : null;
            if (null === $own || ('' === $own->state ? $own->address : $own->state) !== $to && '' !== $to) {
                continue;
            }
            $delay = 0;
            foreach ($route->hops as $hop) {
                $delay += $this->delay($scene, $hop);
            }
            $this->tellSurface($scene, $entry, $state, $delay, $cause);
        }
    }

    private function tellSurface(Scene $scene, Entry $entry, int $state, int $delay, int $cause): void
    {
        $telling = $scene->tellings[$entry->surface] = ($scene->tellings[$entry->surface] ?? 0) + 1;
        $scene->later(new Pending(
            $scene->now + $delay,
            'shown',
            $entry->surface,
            $cause,
            number: $state,
            by: $entry->column,
            byNumber: $telling,
        ));
    }

    /** A surface shows what it was told, unless a hop was gone meanwhile. */
    public function shown(Scene $scene, Pending $it): void
    {
        [$surface, $state, $channel, $cause] = [$it->subject, $it->number, $it->by, $it->cause];
        if ($it->byNumber < ($scene->shownTelling[$surface] ?? 0) || !$this->isWhole($scene, $this->routes[$channel])) {
            return;
        }
        $scene->shownTelling[$surface] = $it->byNumber;
        if (($scene->shown[$surface] ?? null) === $state) {
            return;
        }
        $scene->shown[$surface] = $state;
        $scene->note(Happens::Shown, $surface, (string) $state, fn(): string => sprintf(
            '“%s” shows that “%s” %s.',
            $this->board->channels[$channel]->name,
            $this->board->nameOf($this->facts->map()->entries[$surface]->line),
            $this->claim($scene, $surface)->value,
        ), $cause);
    }

    /** What a surface lets somebody believe: a state where it is sensed, else only what was told. */
    public function claim(Scene $scene, string $surface): Claim
    {
        $shown = $scene->shown[$surface] ?? null;
        $isSensed = null !== $this->facts->plan->lines[$this->facts->map()->entries[$surface]->line]->sense;

        return match (true) {
            null === $shown => Claim::Unknown,
            $shown > 0 => $isSensed ? Claim::On : Claim::ToldOn,
            default => $isSensed ? Claim::Off : Claim::ToldOff,
        };
    }

    /**
     * Something is back: whoever could not be told meanwhile asks, or reads what was kept for him.
     *
     * @param array<string, true> $whole channels whose ways were whole before
     */
    public function refresh(Scene $scene, array $whole, int $cause): void
    {
        $program = $scene->program;
        if (null === $program) {
            return;
        }
        foreach ($this->facts->map()->entries as $entry) {
            $route = $this->routes[$entry->column] ?? null;
            if (null === $route || !$entry->direction->tellsState() || isset($whole[$entry->column])) {
                continue;
            }
            $last = $route->hops[count($route->hops) - 1]->id;
            $isReached = $this->isWhole($scene, $route) && ($scene->links[$last] ?? false);
            $isTold = $isReached && [] !== $this->facts->map()->at($entry->line, $last);
            $state = $program->told($entry->line);
            if ($isTold && null !== $state) {
                $this->tellSurface($scene, $entry, $state, Micros::of(self::slowest($route)), $cause);
            }
        }
    }

    /** Whether nothing on a way is gone. */
    private function isWhole(Scene $scene, Route $route): bool
    {
        foreach ($scene->outage as $outage) {
            if (!$route->survives($outage)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @return array<string, true> channels on whose ways nothing is gone
     */
    public function whole(Scene $scene): array
    {
        return array_map(
            static fn(Route $route): bool => true,
            array_filter($this->routes, fn(Route $route): bool => $this->isWhole($scene, $route)),
        );
    }

    /** Everybody who hears of the board by a channel no longer knows. */
    public function forgets(Scene $scene, string $channel, int $cause): void
    {
        foreach ($this->facts->map()->entries as $surface => $entry) {
            $route = $this->routes[$entry->column] ?? null;
            $last = null === $route ? null : $route->hops[count($route->hops) - 1];
            if ($last?->id === $channel && isset($scene->shown[$surface])) {
                unset($scene->shown[$surface]);
                $scene->note(Happens::Shown, $surface, '?', fn(): string => sprintf(
                    '“%s” no longer knows about “%s”.',
                    $this->board->channels[$entry->column]->name,
                    $this->board->lines[$entry->line]->name,
                ), $cause);
            }
        }
    }

    /** How soon the board notices that a channel is gone. */
    public function noticedAfter(Scene $scene, string $channel): int
    {
        $isNetwork = [] !== array_filter(
            $scene->outage,
            static fn(Outage $outage): bool => Need::Radio === $outage->need || Need::Link === $outage->need,
        );

        return Micros::of($isNetwork ? Customary::NETWORK_NOTICED_SECONDS : Customary::FAR_END_NOTICED_SECONDS);
    }
}
