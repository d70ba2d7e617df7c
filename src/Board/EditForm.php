<?php

declare(strict_types=1);

namespace IronLatch\Board;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\ForSeveral;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Build\Currency;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\Chip;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\FieldShape;
use IronLatch\Core\Record\RecordFault;
use IronLatch\Core\Record\RecordReader;
use IronLatch\Core\Record\RecordShape;
use IronLatch\Core\Record\ValueKind;
use IronLatch\Storage\ShelfPapers;

/** Makes an edit of the fields of a form: parts come as ids and get their facts here. */
final readonly class EditForm
{
    /** Stands between the short form of a value, as it is in a field, and the value with all its digits. */
    public const EXACTLY = ' = ';

    public function __construct(private Catalogue $catalogue, private ?ShelfPapers $papers = null) {}

    /**
     * In one piece: what an empty field means depends on the field, case by case. One of which something was said takes it back.
     *
     * @param array<mixed> $fields “edit” names the edit, “said” a field of which something was said, the rest are its values
     * @throws EditRefused in words that can be shown beside the form
     */
    public function read(array $fields, Board $board): Edit
    {
        $word = $fields['edit'] ?? null;
        $edit = is_string($word) ? RecordShape::variants(Edit::class)->classes[$word] ?? null : null;
        if (null === $edit || !is_subclass_of($edit, Edit::class)) {
            throw new EditRefused('This form names no edit. Load the page again.');
        }
        $subjects = is_array($fields['for'] ?? null) ? array_values(array_filter($fields['for'], is_string(...))) : null;
        $said = is_string($fields['said'] ?? null) ? $fields['said'] : '';
        if ('' !== $said && '' === ($fields[$said] ?? null)) {
            $own = $fields[ForSeveral::target($edit)[0] ?? ''] ?? [];

            return ForSeveral::takenBack($edit, $said, $subjects ?? array_values(array_filter((array) $own, is_string(...))));
        }
        if (null !== $subjects) {
            return $this->forSeveral($edit, $subjects, $fields, $board);
        }
        $data = ['edit' => $word];
        foreach (RecordShape::of($edit)->fields as $name => $field) {
            $value = $this->sent($fields, $name, $field, $board);
            if (('' === $value || null === $value) && $field->nullable) {
                $value = null;
            } elseif (null === $value && Chip::class === $field->value->class) {
                $value = $this->chipOf($fields['carrier'] ?? null, $board);
            } elseif (null === $value || '' === $value && $field->optional && ValueKind::Text !== $field->value->kind) {
                // A field that is left empty says nothing: what is usual holds.
                continue;
            }
            $data[$name] = $value;
        }
        try {
            return RecordReader::forForms()->read(Edit::class, $data);
        } catch (RecordFault $fault) {
            throw new EditRefused(
                mb_strtoupper(mb_substr($fault->reason, 0, 1)) . mb_substr($fault->reason, 1),
                explode('.', $fault->path)[0],
                $fault,
            );
        }
    }

    /**
     * What is said of several at once: a row of the open facts, or “also for”.
     *
     * @param class-string<Edit> $edit
     * @param list<string> $subjects
     * @param array<mixed> $fields
     */
    private function forSeveral(string $edit, array $subjects, array $fields, Board $board): Edit
    {
        unset($fields['for']);
        $asks = null;
        foreach (array_keys(array_intersect_key(RecordShape::of($edit)->fields, $fields)) as $field) {
            $asks ??= Question::of($edit, $field)?->asks;
        }

        return ForSeveral::made(
            $edit,
            $subjects,
            sprintf('State of %s: %s', Targets::names($board, $subjects), lcfirst($asks ?? 'the same')),
            fn(array $of): Edit => $this->read([...$fields, ...$of], $board),
        );
    }

    /**
     * A field as it was sent, with the facts of a part in the place of its id.
     *
     * @param array<mixed> $fields
     */
    private function sent(array $fields, string $name, FieldShape $field, Board $board): mixed
    {
        $value = self::untouched($fields, $name) ?? self::inShownUnit($fields, $name) ?? $fields[$name] ?? null;
        $class = $field->value->class;
        if (is_string($value) && null !== $class && is_subclass_of($class, Part::class)) {
            return $this->facts($value, $class, $board);
        }
        $isChoice = ValueKind::Choice === $field->value->kind || ValueKind::Boolean === $field->value->kind;
        if ('' === $value && $isChoice && !$field->nullable && !$field->optional) {
            throw new EditRefused('Nothing was chosen. Choose one from the list first.', $name);
        }

        if (Unit::Euro === $field->value->unit && is_string($value)) {
            return $this->inEuros($value);
        }

        return ValueKind::Listing === $field->value->kind ? self::listed($value) : $value;
    }

    /** Money is typed in the currency of the shelf; a board counts in euros. */
    public function inEuros(string $value): string
    {
        $currency = $this->papers?->currency() ?? new Currency();
        $form = '/^\s*(\d[\d.,]*)\s*(?:' . preg_quote($currency->sign, '/') . ')?\s*$/u';
        if (1.0 === $currency->perEuro || 1 !== preg_match($form, $value, $match)) {
            return $value;
        }

        return QuantityPrinter::written((float) str_replace(',', '.', $match[1]) / $currency->perEuro, Unit::Euro);
    }

    /** A list: chosen one by one, or typed and pasted, one in each row. What is left empty says nothing. */
    private static function listed(mixed $value): mixed
    {
        $rows = is_string($value) ? explode("\n", strtr($value, ["\r\n" => "\n", "\r" => "\n"])) : $value;

        return is_array($rows) && array_is_list($rows)
            ? array_values(array_filter($rows, static fn(mixed $one): bool => '' !== $one))
            : $rows;
    }

    /**
     * A bare number takes the unit that its field shows: 8 where millimetres stand is never 8 metres.
     *
     * @param array<mixed> $fields
     */
    private static function inShownUnit(array $fields, string $name): ?string
    {
        $shown = is_array($fields['shown'] ?? null) ? $fields['shown'][$name] ?? null : null;
        $value = $fields[$name] ?? null;
        if (!is_string($shown) || !is_string($value) || 1 !== preg_match('/^\s*\d[\d.,]*\s*$/', $value)) {
            return null;
        }

        return 1 === preg_match('/^[\d.,]+\s?([^\s\d(]+)$/u', trim($shown), $match) ? trim($value) . ' ' . $match[1] : null;
    }

    /**
     * A value that was shown with fewer digits than it has, and sent back as it was shown.
     *
     * @param array<mixed> $fields
     */
    private static function untouched(array $fields, string $name): ?string
    {
        $exact = is_array($fields['exact'] ?? null) ? $fields['exact'][$name] ?? null : null;
        [$shown, $full] = is_string($exact) ? [...explode(self::EXACTLY, $exact, 2), ''] : ['', ''];

        return '' !== $full && $shown === ($fields[$name] ?? null) ? $full : null;
    }

    /**
     * @param class-string<Part> $class
     */
    private function facts(string $id, string $class, Board $board): Part
    {
        if ('' === $id) {
            throw new EditRefused('Nothing was chosen. Choose one from the list first.');
        }
        // The catalogue first: choosing a part anew is how newer facts come to a board.
        $part = $this->catalogue->part($id) ?? $board->parts[$id] ?? null;

        return $part instanceof $class ? $part : throw new EditRefused(sprintf(
            'There is no part “%s” to choose here. Choose one from the list.',
            mb_substr($id, 0, 60),
        ));
    }

    private function chipOf(mixed $carrier, Board $board): ?Part
    {
        $part = is_string($carrier) ? $this->catalogue->part($carrier) ?? $board->parts[$carrier] ?? null : null;

        return $part instanceof Carrier ? $this->facts($part->chip, Chip::class, $board) : null;
    }
}
