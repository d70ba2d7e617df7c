<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Board\FirmwareFacts;
use IronLatch\Core\Board\LineEnding;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Addressing;
use IronLatch\Core\Catalogue\Need;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Catalogue\PinNumbering;
use IronLatch\Core\Catalogue\SetUpStep;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Control\ControlMap;
use IronLatch\Core\Control\Entry;
use IronLatch\Core\Control\GroupEntry;
use IronLatch\Core\Control\Hop;
use IronLatch\Core\Control\Message;
use IronLatch\Core\Control\PinNumbers;
use IronLatch\Core\Control\Route;
use IronLatch\Core\Control\ServiceRule;
use IronLatch\Core\Control\ShownKinds;
use IronLatch\Core\Review\Inspection;

/** The set-up of one hop: its steps with the board’s own names in them, and a row for each line and group. */
final readonly class ChannelSheet
{
    private Hop $hop;
    private SurfaceProfile $profile;
    /** @var list<list<string>> */
    private array $rows;

    /**
     * @param array<string, list<string>> $beside what the maker lets stand, by line
     */
    public function __construct(private Inspection $inspection, private Route $route, private array $beside)
    {
        $this->hop = $route->hops[0];
        $this->profile = $this->hop->profile;
        $this->rows = $this->profile->byRules ? $this->rules() : $this->entries();
    }

    /**
     * @return list<SheetStep>
     */
    public function steps(): array
    {
        $fill = $this->fill(...);
        $next = $this->route->next();

        return [
            new SheetStep(sprintf('Have ready what it needs: %s.', [] === $this->hop->needs() ? 'nothing beside the board' : implode(
                ', ',
                array_map(static fn(Need $need): string => $need->value, $this->hop->needs()),
            )), null === $next ? '' : sprintf('“%s” is set up, and works by itself.', $next->channel->name)),
            ...0 === $this->capacity() ? [] : [new SheetStep(sprintf(
                'Look how many entries it takes: %d, and this sheet has %d.',
                $this->capacity(),
                count($this->rows),
            ))],
            ...array_map(static fn(SetUpStep $step): SheetStep => SheetStep::of($step, $fill), $this->profile->setUp),
            ...[] === $this->profile->setUp
                ? [new SheetStep(sprintf('Create one %s for each row, in this order, and tick it off.', $this->profile->entryKind))]
                : [],
            ...array_map(static fn(string $words): SheetStep => new SheetStep($words), $this->commanded()),
            new SheetStep('Try each at low voltage before mains is connected.', sees: 'The relay of each row clicks, and no other.'),
        ];
    }

    /**
     * In one piece: a table of columns.
     *
     * @return list<string>
     */
    public function header(): array
    {
        if ($this->profile->byRules) {
            return ['No.', 'Create', 'Name', 'When', 'Then', 'Line'];
        }
        $says = match ($this->profile->addressing) {
            Addressing::Command => 'Text',
            Addressing::Topic => 'Topic',
            Addressing::Path => 'Path',
            Addressing::Number => 'Number',
            Addressing::Name => 'Spoken name',
            Addressing::Tile => 'Shown name',
            Addressing::Word => 'Word',
            Addressing::Rule => 'Rule',
            Addressing::Pin => 'Pin, by the ' . ($this->profile->setsPins ?? PinNumbering::Chip)->value,
        };

        return [
            'No.',
            'Create',
            'Name',
            $says,
            'On',
            'Off',
            'Set or flip',
            'State',
            'Kind',
            ...$this->profile->hasRooms ? ['Room'] : [],
            ...null === $this->profile->also ? [] : ['Also for on', 'Also for off', 'Answer'],
            ...null === $this->profile->call ? [] : ['Headers', 'Body'],
            ...null === $this->profile->setsPins ? [] : ['Pin, both names'],
            ...[] === $this->profile->lineSecrets ? [] : ['Fill in'],
            'Acts as',
        ];
    }

    /**
     * @return list<list<string>>
     */
    public function rows(): array
    {
        return $this->rows;
    }

    /**
     * @return list<list<string>>
     */
    private function entries(): array
    {
        $rows = [];
        foreach ($this->inspection->controls->on($this->hop->id) as $entry) {
            $rows[] = $this->row($entry, count($rows) + 1);
        }
        foreach ($this->inspection->controls->groups as $group) {
            if ($group->column === $this->hop->id) {
                $rows[] = $this->groupRow($group, count($rows) + 1);
            }
        }

        return $rows;
    }

    /**
     * @return list<list<string>>
     */
    private function rules(): array
    {
        $rows = [];
        foreach (ServiceRule::on($this->inspection->controls, $this->hop->id) as $rule) {
            $rows[] = [
                (string) (count($rows) + 1),
                $this->profile->entryKind,
                $rule->name,
                $rule->when,
                $rule->does,
                $this->inspection->board->nameOf($rule->of),
            ];
        }

        return $rows;
    }

    /**
     * @return list<string>
     */
    private function row(Entry $entry, int $number): array
    {
        $board = $this->inspection->board;
        $name = $board->lines[$entry->line]->name;
        $kind = ShownKinds::of($board, $entry->line);
        $shown = ShownKinds::at($this->profile, $kind);

        return [
            (string) $number,
            $this->profile->entryKind,
            $name,
            '' === $entry->address ? 'no pin yet' : $entry->address,
            $this->said($entry, $entry->on, $entry->operation->canSwitchOn() ? 'not known yet' : 'not on'),
            $this->said($entry, $entry->off, 'not known yet'),
            self::third($entry),
            '' === $entry->state ? 'none' : $entry->state,
            $shown === $kind ? $kind->value : sprintf('%s, for a %s', $shown->value ?? 'none', $kind->value),
            ...$this->profile->hasRooms ? [self::orElse(ShownKinds::room($board, $entry->line), 'no room stated')] : [],
            ...$this->alsoSaid($entry->address, $entry->operation->canSwitchOn()),
            ...$this->request($entry),
            ...null === $this->profile->setsPins ? [] : [PinNumbers::pinOf($board, $entry->line)?->bothNames() ?? 'no pin of its own'],
            ...[] === $this->profile->lineSecrets ? [] : [implode(', ', array_map(
                fn(string $secret): string => Message::placeholder(
                    $this->hop->channel->name,
                    $this->inspection->controls->identifiers[$entry->line] . '_' . $secret,
                ),
                $this->profile->lineSecrets,
            ))],
            self::acts($entry, $this->beside[$name] ?? []),
        ];
    }

    /**
     * @return list<string>
     */
    private function groupRow(GroupEntry $entry, int $number): array
    {
        $board = $this->inspection->board;
        $group = $board->lineGroups[$entry->group];
        $isScene = LineGroupKind::Scene === $group->kind;
        $names = static fn(string ...$lines): string => implode(', ', array_map($board->nameOf(...), $lines));
        $filler = count($this->header()) - 10;

        return [
            (string) $number,
            $isScene ? 'scene' : 'group',
            $group->name,
            $entry->address,
            self::orElse($entry->on, 'not on'),
            self::orElse($entry->off, 'not off'),
            'none',
            'none',
            'group',
            ...array_fill(0, max(0, $filler), '–'),
            $isScene
                ? sprintf(
                    'on: %s; off: %s',
                    self::orElse($names(...$group->lit), 'none'),
                    self::orElse($names(...array_diff($group->lines, $group->lit)), 'none'),
                )
                : $names(...$group->lines),
        ];
    }

    private function said(Entry $entry, string $said, string $otherwise): string
    {
        if ('' === $said) {
            return $otherwise;
        }

        return null === $this->profile->call ? $said : Message::of($this->profile, $this->hop->channel->name, $entry->address, $said)->to;
    }

    /**
     * @return list<string>
     */
    private function alsoSaid(string $address, bool $canSwitchOn): array
    {
        $also = $this->profile->also;
        $said = static fn(string ...$texts): string => strtr(implode('; ', $texts), ['{address}' => $address]);

        return null === $also ? [] : [
            $canSwitchOn ? self::orElse($said(...$also->on), 'nothing') : 'not on',
            self::orElse($said(...$also->off), 'nothing'),
            self::orElse(strtr($also->reply, ['{address}' => $address, '{state}' => 'on or off']), 'none'),
        ];
    }

    /**
     * @return list<string>
     */
    private function request(Entry $entry): array
    {
        if (null === $this->profile->call) {
            return [];
        }
        $message = Message::of($this->profile, $this->hop->channel->name, $entry->address, $entry->off);

        return [self::orElse(implode('; ', $message->headers), 'none'), self::orElse($message->says, 'none')];
    }

    private function capacity(): int
    {
        return $this->inspection->controls->columns[$this->hop->id]->capacity;
    }

    /** The words of a profile with the names of this board in their places. */
    private function fill(string $text): string
    {
        $channel = $this->hop->channel;
        $rate = ($this->inspection->board->program->firmware ?? new FirmwareFacts())->radioRate;

        return Message::filled(strtr($text, [
            '{channel}' => '“' . $channel->name . '”',
            '{next}' => '“' . ($this->route->next()?->channel->name ?? $this->inspection->board->name) . '”',
            '{root}' => ControlMap::root($this->inspection->board, $channel),
            '{region}' => self::orElse($channel->region, '(not chosen yet)'),
            '{rate}' => $rate . ' bits per second',
            '{entries}' => (string) count($this->rows),
            '{ending}' => match ($channel->reading?->ending) {
                null => '(not stated yet)',
                LineEnding::None => 'nothing',
                LineEnding::Either => LineEnding::LineFeed->value,
                default => $channel->reading->ending->value,
            },
        ]), $channel->name);
    }

    private static function orElse(string $text, string $otherwise): string
    {
        return '' === $text ? $otherwise : $text;
    }

    /**
     * Which states on a channel are those of the command, because nothing hears behind the contact.
     *
     * @return list<string>
     */
    private function commanded(): array
    {
        $names = [];
        foreach ($this->inspection->controls->on($this->hop->id) as $entry) {
            $line = $this->inspection->board->lines[$entry->line];
            if ('' !== $entry->state && null === $line->sense) {
                $names[$entry->line] = '“' . $line->name . '”';
            }
        }

        return [] === $names ? [] : [sprintf(
            'Know that the state shown of %s is the one that was commanded: a contact that has welded does not show.',
            implode(', ', $names),
        )];
    }

    /**
     * @param list<string> $notes what the maker lets stand of its line
     */
    public static function acts(Entry $entry, array $notes): string
    {
        $acts = $entry->operation->value . (SurfaceKind::Knob === $entry->kind ? ', when it is moved' : '') . implode(
            '',
            array_map(static fn(string $note): string => '. ' . $note, $notes),
        );
        if ([] === $entry->ranges || !$entry->operation->isGraded()) {
            return $acts;
        }

        return $acts . ': ' . implode(
            ', ',
            array_map(
                static fn(int $step, array $range): string => sprintf(
                    '%s %% %s',
                    $range[0] === $range[1] ? (string) $range[0] : $range[0] . '–' . $range[1],
                    0 === $step ? 'off' : 'step ' . $step,
                ),
                array_keys($entry->ranges),
                $entry->ranges,
            ),
        );
    }

    private static function third(Entry $entry): string
    {
        return match (true) {
            Operation::Toggle === $entry->operation && '' !== $entry->toggle => $entry->toggle,
            $entry->operation->isGraded() && '' !== $entry->set => $entry->set,
            default => 'none',
        };
    }
}
