<?php

declare(strict_types=1);

namespace IronLatch\Screen;

use IronLatch\Board\PinTableForm;

/** A pin table that is read onto the board. */
final readonly class ReadScreen implements Screen
{
    public function __construct(private PinTableForm $form) {}

    public static function name(): string
    {
        return 'read';
    }

    public function context(Look $look): array
    {
        $fields = $look->request->request;
        $rows = $this->form->sent($fields->all()['rows'] ?? null);

        return [...$this->form->lists(), 'text' => $fields->getString('text'), ...[] === $rows ? [] : ['rows' => $rows]];
    }
}
