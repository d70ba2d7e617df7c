<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange\Firmware;

use IronLatch\Core\Control\Announced;
use IronLatch\Core\Review\Inspection;

/** What the ways through a network know of a board: which channel goes by which, what is announced, and the panel that it serves. */
final readonly class LinkTables
{
    /** Room for what the protocol puts around a text, and for a second one behind the longest. */
    private const AROUND_BYTES = 16;
    private const LEAST_OUT_BYTES = 1_024;
    private const LEAST_PAYLOAD_BYTES = 64;
    private const NONE = 255;

    /**
     * @param array<string, list<string>> $rows by table
     * @param array<string, int> $numbers by name
     * @param array<string, string> $texts by name
     */
    private function __construct(public array $rows, public array $numbers, public array $texts) {}

    /**
     * @param string $page of the panel, its head before it
     */
    public static function of(Inspection $inspection, ProgramTables $tables, string $page = ''): self
    {
        $ways = array_intersect_key(Way::all($inspection), $tables->channels);
        $texts = $announcements = [];
        $longest = 0;
        foreach ($ways as $channel => $way) {
            foreach (Way::Broker === $way ? Announced::on($inspection->board, $inspection->controls, $channel) : [] as $one) {
                $place = count($announcements);
                $texts['ABOUT_' . $place] = $one->topic;
                $texts['ABOUT_SAYS_' . $place] = $one->payload;
                $announcements[] = sprintf('{%d, ABOUT_%d, ABOUT_SAYS_%d},', $tables->channels[$channel], $place, $place);
                $longest = max($longest, strlen($one->topic) + strlen($one->payload));
            }
        }
        $panel = array_search(Way::Panel, $ways, true);
        $words = max(0, ...array_map(strlen(...), array_values($tables->texts())));

        return new self([
            'WAYS' => array_map(
                static fn(string $channel): string => ($ways[$channel] ?? Way::Nothing)->value . ',',
                array_keys($tables->channels),
            ),
            'ANNOUNCEMENTS' => $announcements,
        ], [
            'BROKER_COUNT' => count(array_filter($ways, static fn(Way $way): bool => Way::Broker === $way)),
            'ANNOUNCEMENT_COUNT' => count($announcements),
            'PANEL_CHANNEL' => false === $panel ? self::NONE : $tables->channels[$panel],
            'PANEL_BYTES' => strlen($page),
            'LINK_BYTES' => max(self::LEAST_OUT_BYTES, $longest + 2 * self::AROUND_BYTES),
            'TOPIC_BYTES' => $words + self::AROUND_BYTES,
            'PAYLOAD_BYTES' => max(self::LEAST_PAYLOAD_BYTES, $words + self::AROUND_BYTES),
        ], [...$texts, 'PANEL_PAGE' => $page]);
    }
}
