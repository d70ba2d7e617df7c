<?php

declare(strict_types=1);

namespace IronLatch\View;

/** A form that was refused, as it was sent: a page that is drawn anew shows it so, with the reason at the field. */
final readonly class Refusal
{
    /**
     * @param array<mixed> $fields
     * @param string $field that is to blame; empty where it is the form as a whole
     */
    public function __construct(private array $fields, private string $field, public string $words) {}

    /** What had been entered in a field of a form; null where another form was refused, or another field. */
    public function entered(string $edit, string $field, string $subject): ?string
    {
        $value = $this->fields[$field] ?? null;
        $for = $this->fields['for'] ?? [];
        $isOfSubject = '' === $subject || is_array($for) && $subject === ($for[0] ?? null);

        return $edit === ($this->fields['edit'] ?? null) && $isOfSubject && in_array($this->field, ['', $field], true) && is_string($value)
            ? $value
            : null;
    }
}
