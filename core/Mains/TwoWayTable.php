<?php

declare(strict_types=1);

namespace IronLatch\Core\Mains;

use IronLatch\Core\Board\TwoWay;

/**
 * A two-way circuit switched through all of its states: live at the common of the first switch, two travellers from switch to switch, the
 * lamp at the common of the board’s changeover contact. What is joined to what is found by following the contacts.
 */
final readonly class TwoWayTable
{
    /**
     * @param list<array{switches: list<bool>, relay: bool, lit: bool, travellers: list<bool>}> $rows each position of every switch with the
     *     relay released (as with the board dead) and pulled in; which of the two travellers at the board is live
     */
    private function __construct(public array $rows) {}

    public static function of(TwoWay $circuit): self
    {
        $rows = [];
        for ($state = 0; $state < 1 << $circuit->switches; ++$state) {
            $switches = array_map(static fn(int $bit): bool => 1 === ($state >> $bit & 1), range(0, $circuit->switches - 1));
            foreach ([false, true] as $relay) {
                $live = self::live($switches);
                $rows[] = [
                    'switches' => $switches,
                    'relay' => $relay,
                    'lit' => $live[$relay ? 1 : 0],
                    'travellers' => $live,
                ];
            }
        }

        return new self($rows);
    }

    /**
     * Which of the two travellers that reach the board is live: the first switch feeds one of its two, every intermediate one passes them
     * on straight or crossed.
     *
     * @param list<bool> $switches
     * @return array{bool, bool}
     */
    private static function live(array $switches): array
    {
        $first = $switches[0] ?? false;
        $live = [!$first, $first];
        foreach (array_slice($switches, 1) as $isCrossed) {
            $live = $isCrossed ? [$live[1], $live[0]] : $live;
        }

        return $live;
    }
}
