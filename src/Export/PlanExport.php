<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Review\Inspection;
use IronLatch\View\BuildDrawing;
use Twig\Environment;
use Twig\Loader\FilesystemLoader;

/** The plan to scale, printed 1:1 as a template for drilling and sticking. */
#[Piece(Folder::Layout, 'The plan of the board or the box, 1:1.')]
final readonly class PlanExport implements Export
{
    public static function name(): string
    {
        return 'plan';
    }

    public static function title(): string
    {
        return 'Plan, 1:1';
    }

    public function subjects(Inspection $inspection): array
    {
        return null === $inspection->layout()?->space ? [] : [''];
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        $inspection = $handover->inspection;
        $twig = new Environment(new FilesystemLoader(dirname(__DIR__, 2) . '/templates'), ['strict_variables' => true]);

        return new ExportFile(
            Exports::fileName($handover->board->name . ' plan', 'svg'),
            'image/svg+xml',
            $twig->render('build/_drawing.html.twig', [
                'drawing' => new BuildDrawing($handover->board, $inspection->layout(), $inspection->partsList()),
                'board' => $handover->board,
                'own' => true,
                'remarks' => $handover->remarks('Plan, 1:1'),
            ]),
        );
    }
}
