<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit;

use IronLatch\Core\Record\RecordShape;
use IronLatch\Core\Record\ValueKind;

/** One answer for several things at once: as many edits as that takes, made as one. */
final class ForSeveral
{
    /**
     * @param class-string<Edit> $edit
     * @param list<string> $subjects lines, relays, functions, rails …; empty for what is said of the board as a whole
     * @param \Closure(array<string, string|list<string>>): Edit $make from the field of the edit that says of what
     */
    public static function made(string $edit, array $subjects, string $title, \Closure $make): Edit
    {
        [$field, $takesMany] = self::target($edit) ?? ['', false];
        if ('' === $field) {
            return $make([]);
        }
        self::requireOne($subjects);
        if ($takesMany) {
            return $make([$field => $subjects]);
        }
        $edits = array_map(static fn(string $subject): Edit => $make([$field => $subject]), $subjects);

        return 1 === count($edits) ? $edits[0] : new Sequence($title, $edits);
    }

    /**
     * What was said in a field of an edit, taken back of all that it was said of.
     *
     * @param class-string<Edit> $edit
     * @param list<string> $subjects as above
     */
    public static function takenBack(string $edit, string $field, array $subjects): TakeBack
    {
        $place = array_key_exists($field, RecordShape::of($edit)->fields) ? Place::of($edit, $field) : null;
        if (null === $place) {
            throw new EditRefused('What stands here cannot be taken back by itself. Choose another value, or undo the edit that set it.');
        }
        if (null === self::target($edit)) {
            return new TakeBack([$place]);
        }
        self::requireOne($subjects);

        return new TakeBack(array_map(static fn(string $subject): string => $subject . '.' . $place, $subjects));
    }

    /**
     * @param list<string> $subjects
     */
    private static function requireOne(array $subjects): void
    {
        if ([] === $subjects) {
            throw new EditRefused('Choose at least one that it is said of.');
        }
    }

    /**
     * The field that says of what an edit speaks: its first, where that is an id or a list of them.
     *
     * @param class-string<Edit> $edit
     * @return ?array{string, bool} its name, and whether it takes several
     */
    public static function target(string $edit): ?array
    {
        $fields = RecordShape::of($edit)->fields;
        $name = array_key_first($fields);
        if (null === $name || null !== Question::of($edit, $name)) {
            return null;
        }

        return match ($fields[$name]->value->kind) {
            ValueKind::Listing => [$name, true],
            ValueKind::Text => [$name, false],
            default => null,
        };
    }
}
