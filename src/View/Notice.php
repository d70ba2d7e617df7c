<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Board\Board;
use IronLatch\Storage\StaleEdit;

/** What the last request has to say: done, or refused and why, with what had been entered. */
final readonly class Notice
{
    private const PLUMBING = [
        'base',
        'view',
        'open',
        'edit',
        'function',
        'line',
        'rail',
        'surface',
        'actuator',
        'finding',
        'remedy',
        'all',
        'revision',
        'value',
    ];

    /**
     * @param array<mixed> $fields the form as it was sent
     * @param string $repeatAt where the form can be sent again, confirmed; empty where it cannot
     */
    private function __construct(
        public string $text,
        public bool $isRefusal,
        public array $fields = [],
        public ?StaleEdit $stale = null,
        public string $repeatAt = '',
    ) {}

    public static function done(string $text): self
    {
        return new self($text, false);
    }

    /**
     * @param array<mixed> $fields
     */
    public static function refused(string $text, array $fields = []): self
    {
        return new self($text, true, $fields);
    }

    /**
     * An edit of what was changed elsewhere meanwhile: it can be made on top of that.
     *
     * @param string $path where the form was sent
     * @param array<mixed> $fields
     */
    public static function stale(StaleEdit $stale, string $path, array $fields): self
    {
        return new self($stale->getMessage(), true, $fields, $stale, $path);
    }

    /**
     * An edit that would move frozen pins: it is asked for once more.
     *
     * @param list<string> $moved functions
     * @param string $path where the form was sent
     * @param array<mixed> $fields
     */
    public static function frozen(Board $board, array $moved, string $path, array $fields): self
    {
        $names = array_map(
            static fn(string $id): string => sprintf('“%s” from %s', $board->nameOf($id), $board->seats[$id]->pin),
            $moved,
        );

        return new self(
            sprintf('The pin map is frozen, and this would move %s. The firmware in use would have to follow.', implode(', ', $names)),
            true,
            $fields,
            repeatAt: $path,
        );
    }

    /**
     * Every field of the form but the one that is sent otherwise this time; fields within fields by their names in brackets.
     *
     * @return array<string, string>
     */
    public function again(): array
    {
        return self::flat(array_diff_key($this->fields, [null === $this->stale ? 'frozen' : 'base' => '']));
    }

    /**
     * @param array<mixed> $fields
     * @return array<string, string>
     */
    private static function flat(array $fields, string $within = ''): array
    {
        $flat = [];
        foreach ($fields as $name => $value) {
            $name = '' === $within ? (string) $name : sprintf('%s[%s]', $within, $name);
            $flat = [...$flat, ...is_array($value) ? self::flat($value, $name) : [$name => is_scalar($value) ? (string) $value : '']];
        }

        return $flat;
    }

    /**
     * What a person typed or chose, without what the form carries along.
     *
     * @return array<string, string>
     */
    public function entered(): array
    {
        $entered = [];
        foreach ($this->fields as $name => $value) {
            if (is_string($value) && '' !== $value && !in_array($name, self::PLUMBING, true)) {
                $entered[(string) $name] = $value;
            }
        }

        return $entered;
    }
}
