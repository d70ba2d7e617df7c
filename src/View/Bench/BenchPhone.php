<?php

declare(strict_types=1);

namespace IronLatch\View\Bench;

use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\DeedKind;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Control\Outages;
use IronLatch\Core\Exchange\Firmware\PanelPage;

/** The panel that the board serves, as the phone on the bench has it: what it is told, and what its words do there. */
final readonly class BenchPhone implements \JsonSerializable
{
    /**
     * @param list<string> $words that the board has told it
     * @param array<string, string> $acts what a word of a row does on the bench, but for the word itself
     */
    private function __construct(public bool $isReached, public array $words, public array $acts) {}

    /**
     * @param array<string, string> $states of the run at the moment that is shown
     */
    public static function of(Course $course, array $states): ?self
    {
        $channel = PanelPage::channel($course->facts->inspection);
        if (null === $channel || !isset($course->facts->plan->channels[$channel])) {
            return null;
        }
        $isReached = self::isReached($course, $states, $channel);

        return new self($isReached, $isReached ? self::words($course, $states, $channel) : [], self::acts($course, $channel));
    }

    /**
     * @param array<string, string> $states
     */
    private static function isReached(Course $course, array $states, string $channel): bool
    {
        $map = $course->facts->map();
        foreach (Outages::of($map)->all as $outage) {
            $isGone = 'gone' === ($states[Happens::Outage->value . ' ' . $outage->key()] ?? '');
            if ($isGone && $map->routes[$channel]->hops[0]->isGoneIn($outage)) {
                return false;
            }
        }

        return '1' === ($states[Happens::Link->value . ' ' . $channel] ?? '');
    }

    /**
     * @return array<string, string>
     */
    private static function acts(Course $course, string $channel): array
    {
        $acts = [];
        foreach ($course->facts->map()->on($channel) as $entry) {
            $acts[$entry->address] = self::say($entry->surface);
        }
        foreach ($course->facts->map()->groups as $group) {
            if ($group->column === $channel) {
                $acts[$group->address] = self::say($group->group . '@' . $channel);
            }
        }

        return $acts;
    }

    /**
     * @param array<string, string> $states
     * @return list<string>
     */
    private static function words(Course $course, array $states, string $channel): array
    {
        $words = [];
        foreach ($course->facts->plan->channels[$channel]->messages as $message) {
            $state = $states[Happens::Shown->value . ' ' . $message->act->surface] ?? '';
            if ('' !== $message->state && ctype_digit($state)) {
                $top = $course->facts->plan->lines[$message->act->target]->top();
                $words[] = $message->state . ' ' . $message->told((int) $state, $top);
            }
        }

        return $words;
    }

    private static function say(string $what): string
    {
        return BenchAct::of('', '', DeedKind::Say, $what)->value;
    }

    /**
     * @return array{reached: bool, why: string, words: list<string>, acts: array<string, string>}
     */
    public function jsonSerialize(): array
    {
        return [
            'reached' => $this->isReached,
            'why' => $this->isReached ? '' : 'On the bench the board is not reached now: how its lines are is not known.',
            'words' => $this->words,
            'acts' => $this->acts,
        ];
    }
}
