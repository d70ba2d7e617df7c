<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use IronLatch\Board\EditForm;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Demo\DemoFiles;
use IronLatch\Screen\Screen;
use IronLatch\Tests\Support\Implementations;
use Symfony\Component\DomCrawler\Crawler;

/** A form states only what was touched: whatever form of whatever view is sent as it stands changes nothing. */
final class UntouchedFormsTest extends BoardTestCase
{
    public function testSendingAnyFormAsItStandsChangesNothing(): void
    {
        $tried = 0;
        $changing = [];
        $reader = self::getContainer()->get(EditForm::class);
        foreach (self::getContainer()->get(DemoFiles::class)->all() as $demo => $board) {
            $opened = $this->shelved($board);
            $before = BoardJson::write($board);
            foreach ($this->views($board) as $view) {
                foreach ($this->browser->request(
                    'GET',
                    sprintf('/boards/%s/%s', $opened->record->id(), $view),
                )->filter('form[action$="/edits"]') as $node) {
                    $form = new Crawler($node, 'http://localhost/');
                    // A button that acts, perhaps for more lines, has nothing to be touched before it.
                    if (0 === $form->filter('select, textarea, input:not([type=hidden]):not([type=checkbox])')->count()) {
                        continue;
                    }
                    ++$tried;
                    $values = $form->form()->getPhpValues();
                    try {
                        $after = BoardJson::write($reader->read($values, $board)->apply($board));
                    } catch (EditRefused|\InvalidArgumentException) {
                        continue;
                    }
                    if ($after !== $before) {
                        $changing[is_string($values['edit'] ?? null) ? $values['edit'] : ''] = "$demo $view";
                    }
                }
            }
        }
        self::assertGreaterThan(300, $tried);
        self::assertSame([], $changing);
    }

    /**
     * @return list<string> every view with every drawer
     */
    private function views(Board $board): array
    {
        $views = array_map(static fn(string $screen): string => $screen::name(), Implementations::of(Screen::class));
        foreach ($board->lines as $line => $one) {
            foreach (['name', 'hand', 'pin', 'driver', 'coil', 'contact', 'appliance'] as $part) {
                $views[] = "lines?open=$line.$part";
            }
            array_push($views, "mains?open=$line", "controls?open=$line");
        }
        foreach (array_keys($board->functions) as $function) {
            $views[] = 'pins?open=' . $function;
        }
        foreach (array_keys($board->actuators()) as $actuator) {
            $views[] = 'drive?open=' . $actuator;
        }
        foreach (array_keys($board->rails) as $rail) {
            $views[] = "power?open=$rail.on";
        }

        return $views;
    }
}
