<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange\Firmware;

use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Control\Entry;
use IronLatch\Core\Control\GroupEntry;
use IronLatch\Core\Program\ProgramPlan;
use IronLatch\Core\Review\Inspection;

/** The page of the hand panel: one file, made from the rows that the board has on the channel that serves it. */
final readonly class PanelPage
{
    private const IN_SCRIPT = JSON_UNESCAPED_UNICODE | JSON_HEX_TAG | JSON_HEX_AMP | JSON_INVALID_UTF8_SUBSTITUTE;

    private function __construct(private Inspection $inspection, private ProgramPlan $plan) {}

    /** The channel by which the board serves it; null where it does not. */
    public static function channel(Inspection $inspection): ?string
    {
        $channel = array_search(Way::Panel, Way::all($inspection), true);

        return false === $channel ? null : $channel;
    }

    /**
     * @param string $template of firmware/panel
     * @return string empty for a board that serves no panel
     */
    public static function of(Inspection $inspection, string $template): string
    {
        $channel = self::channel($inspection);
        if (null === $channel) {
            return '';
        }
        $page = new self($inspection, ProgramPlan::of($inspection->board, $inspection->controls));

        return strtr($template, [
            '{{title}}' => htmlspecialchars($inspection->board->name, ENT_QUOTES | ENT_SUBSTITUTE),
            '{{board}}' => json_encode([
                'lines' => array_map($page->line(...), $inspection->controls->on($channel)),
                'groups' => array_values(array_map($page->group(...), array_filter(
                    $inspection->controls->groups,
                    static fn(GroupEntry $group): bool => $group->column === $channel,
                ))),
            ], self::IN_SCRIPT),
        ]);
    }

    /** The styles and the script of the page itself, and nothing else. */
    public static function policy(string $page, string $frames): string
    {
        $hash = static fn(string $tag): string => 1 === preg_match("~<$tag>(.*?)</$tag>~s", $page, $match)
            ? sprintf("'sha256-%s'", base64_encode(hash('sha256', $match[1], true)))
            : "'none'";

        return sprintf(
            "default-src 'none'; style-src %s; script-src %s; connect-src 'self'; img-src data:; form-action 'none'; base-uri 'none'; "
                . "frame-ancestors '%s'",
            $hash('style'),
            $hash('script'),
            $frames,
        );
    }

    /** What the board says before the page: nothing of it comes from elsewhere, and it stands in nobody’s frame. */
    public static function head(string $page): string
    {
        if ('' === $page) {
            return '';
        }
        return implode("\r\n", [
            'HTTP/1.1 200 OK',
            'Content-Type: text/html; charset=utf-8',
            'Content-Length: ' . strlen($page),
            'Content-Security-Policy: ' . self::policy($page, 'none'),
            'X-Content-Type-Options: nosniff',
            'Referrer-Policy: no-referrer',
            'Cache-Control: no-store',
            'Connection: close',
        ]) . "\r\n\r\n";
    }

    /**
     * @return array<string, int|string>
     */
    private function line(Entry $entry): array
    {
        $line = $this->plan->lines[$entry->line];
        $commands = $entry->direction->commands();
        $starts = $commands && Operation::Off !== $entry->operation && (!$line->mustNotStart || $line->remoteStart);
        $isGraded = $entry->operation->isGraded();

        return [
            'name' => $this->inspection->board->lines[$entry->line]->name,
            'address' => $entry->address,
            'on' => $starts ? $entry->on : '',
            'off' => $commands ? $entry->off : '',
            'toggle' => $starts && Operation::Toggle === $entry->operation ? $entry->toggle : '',
            'set' => $starts && $isGraded ? $entry->set : '',
            'steps' => Operation::Steps === $entry->operation && [] === $entry->ranges ? $line->top() : 0,
            'told' => $entry->toldOn,
            'tells' => $entry->direction->tellsState() ? $entry->address : '',
            'note' => match (true) {
                !$commands => 'Shown only.',
                !$starts => 'Switched on by hand, at the board.',
                default => '',
            },
        ];
    }

    /**
     * @return array<string, int|string>
     */
    private function group(GroupEntry $group): array
    {
        return [
            'name' => $this->inspection->board->lineGroups[$group->group]->name,
            'address' => $group->address,
            'on' => $group->on,
            'off' => $group->off,
            'toggle' => '',
            'set' => '',
            'steps' => 0,
            'told' => '',
            'tells' => '',
            'note' => LineGroupKind::Scene === $this->inspection->board->lineGroups[$group->group]->kind ? 'A scene.' : '',
        ];
    }
}
