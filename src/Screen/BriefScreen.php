<?php

declare(strict_types=1);

namespace IronLatch\Screen;

use IronLatch\Brief\BriefForm;
use IronLatch\Brief\BriefWords;
use IronLatch\Core\Brief\Recovered;
use IronLatch\Core\Catalogue\Catalogue;

/** What the board is wanted for; changed, it is shown first what becomes of the board. */
final readonly class BriefScreen implements Screen
{
    public function __construct(private BriefForm $form, private BriefWords $words, private Catalogue $catalogue) {}

    public static function name(): string
    {
        return 'brief';
    }

    public function context(Look $look): array
    {
        $brief = Recovered::of($look->opened->board, $this->catalogue);

        return [
            ...$this->words->lists(),
            'brief' => $brief,
            'reading' => $this->words->reading($brief),
            'carried' => $this->form->carried($brief),
            'redraft' => null,
            'compared' => null,
        ];
    }
}
