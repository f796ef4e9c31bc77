<?php

use App\Http\Controllers\AccountController;
use App\Http\Controllers\BannerController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\BrandChangeController;
use App\Http\Controllers\BrandController;
use App\Http\Controllers\BringController;
use App\Http\Controllers\CampaignController;
use App\Http\Controllers\CardsController;
use App\Http\Controllers\ClaimController;
use App\Http\Controllers\ClicksController;
use App\Http\Controllers\DutyController;
use App\Http\Controllers\Edit;
use App\Http\Controllers\ErrandController;
use App\Http\Controllers\FeedController;
use App\Http\Controllers\FindController;
use App\Http\Controllers\FooterController;
use App\Http\Controllers\FrontController;
use App\Http\Controllers\HandOverController;
use App\Http\Controllers\HandwritingController;
use App\Http\Controllers\HelpController;
use App\Http\Controllers\HistoryController;
use App\Http\Controllers\HookController;
use App\Http\Controllers\HouseController;
use App\Http\Controllers\InvitationController;
use App\Http\Controllers\LetterController;
use App\Http\Controllers\LinksController;
use App\Http\Controllers\LooksController;
use App\Http\Controllers\MailboxController;
use App\Http\Controllers\MailServerController;
use App\Http\Controllers\MemberController;
use App\Http\Controllers\OccasionController;
use App\Http\Controllers\OpenIdController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PictureController;
use App\Http\Controllers\PlacementController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\ProfileController;
use App\Http\Controllers\ProgramController;
use App\Http\Controllers\ProofController;
use App\Http\Controllers\Public\OwnPageController;
use App\Http\Controllers\QuotationController;
use App\Http\Controllers\RecipientController;
use App\Http\Controllers\RolloutController;
use App\Http\Controllers\SettingsController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\SketchController;
use App\Http\Controllers\StaffImportController;
use App\Http\Controllers\StartController;
use App\Http\Controllers\TemplateController;
use App\Http\Controllers\TrayController;
use Illuminate\Support\Facades\Route;

Route::get('/', [FrontController::class, 'show'])->middleware('throttle:240,1')->name('front');
Route::get('/front/sheet', [FrontController::class, 'sheet'])->middleware(['throttle:240,1', 'reads'])
    ->name('front.sheet');
Route::post('/try', [FrontController::class, 'begin'])->name('front.begin');

Route::middleware('guest')->group(function () {
    Route::get('/sign-in', [SignInController::class, 'show'])->name('sign-in');
    Route::post('/sign-in', [SignInController::class, 'store']);
    Route::post('/sign-in/send', [SignInController::class, 'send'])->name('sign-in.send');
    Route::get('/sign-in/with', [OpenIdController::class, 'begin'])->name('sign-in.with');
    Route::get('/sign-in/with/back', [OpenIdController::class, 'back'])->name('sign-in.with.back');
    Route::get('/sign-in/second', [SignInController::class, 'second'])->name('sign-in.second');
    Route::post('/sign-in/second', [SignInController::class, 'pass']);
});
Route::get('/claim/{workspace}', [ClaimController::class, 'ask'])->where('workspace', '[0-9]{1,15}')
    ->name('claim.link');
Route::post('/claim/{workspace}', [ClaimController::class, 'take'])->where('workspace', '[0-9]{1,15}');
Route::middleware('auth')->group(function () {
    Route::get('/claim', [ClaimController::class, 'show'])->name('claim');
    Route::post('/claim', [ClaimController::class, 'send']);
});
Route::get('/confirm-address/{user}', [AccountController::class, 'ask'])->where('user', '[0-9]{1,15}')
    ->name('account.address.confirm');
Route::post('/confirm-address/{user}', [AccountController::class, 'confirm'])->where('user', '[0-9]{1,15}');
Route::get('/sign-in/link/{user}', [SignInController::class, 'ask'])->where('user', '[0-9]{1,15}')
    ->name('sign-in.link');
Route::post('/sign-in/link/{user}', [SignInController::class, 'follow'])->where('user', '[0-9]{1,15}');

Route::get('/invitation/{invitation}', [InvitationController::class, 'show'])->where('invitation', '[0-9]{1,15}')
    ->name('invitation');
Route::post('/invitation/{invitation}', [InvitationController::class, 'accept'])->where('invitation', '[0-9]{1,15}');

// Somebody's own page, without an account.
Route::prefix('/mine/{token}')->where(['token' => '[0-9A-Za-z]{40}'])->middleware('throttle:120,1')
    ->group(function () {
        Route::get('/', [OwnPageController::class, 'show'])->name('mine');
        Route::post('/', [OwnPageController::class, 'fill']);
        Route::get('/card', [OwnPageController::class, 'drawing'])->middleware('reads')->name('mine.drawing');
        Route::get('/sheet', [OwnPageController::class, 'sheet'])->middleware('reads')->name('mine.sheet');
        Route::get('/take', [OwnPageController::class, 'take'])->name('mine.take');
        Route::post('/taken', [OwnPageController::class, 'taken'])->name('mine.taken');
        Route::get('/file', [OwnPageController::class, 'file'])->middleware('reads')->name('mine.file');
    });

Route::middleware(['auth', 'workspace'])->group(function () {
    Route::prefix('/account')->group(function () {
        Route::get('/', [AccountController::class, 'show'])->name('account');
        Route::post('/name', [AccountController::class, 'name'])->name('account.name');
        Route::post('/language', [AccountController::class, 'language'])->name('account.language');
        Route::post('/password', [AccountController::class, 'password'])->name('account.password');
        Route::post('/address', [AccountController::class, 'address'])->name('account.address');
        Route::post('/devices/end', [AccountController::class, 'endDevice'])->name('account.device');
        Route::get('/second', [AccountController::class, 'second'])->name('account.second');
        Route::post('/second', [AccountController::class, 'beginSecond'])->name('account.second.begin');
        Route::post('/second/end', [AccountController::class, 'endSecond'])->name('account.second.end');
    });
    Route::post('/eyes', [AccountController::class, 'look'])->name('account.eyes');
    Route::post('/workspaces/{workspace}/open', [AccountController::class, 'open'])
        ->where('workspace', '[0-9]{1,15}')->name('workspace.open');
    Route::prefix('/settings')->group(function () {
        Route::get('/', [SettingsController::class, 'show'])->name('settings');
        Route::post('/', [SettingsController::class, 'keep'])->name('settings.keep');
        Route::post('/forget', [SettingsController::class, 'forget'])->name('settings.forget');
        Route::post('/check', [SettingsController::class, 'check'])->name('settings.check');
        Route::post('/mail', [SettingsController::class, 'mail'])->name('settings.mail');
        Route::get('/log', [SettingsController::class, 'log'])->name('settings.log');
        Route::get('/log/file', [SettingsController::class, 'file'])->middleware('reads')->name('settings.log.file');
        Route::post('/export', [SettingsController::class, 'export'])->name('settings.export');
        Route::post('/import', [SettingsController::class, 'import'])->name('settings.import');
        Route::post('/close', [SettingsController::class, 'close'])->name('settings.close');
        Route::post('/reopen', [SettingsController::class, 'reopen'])->name('settings.reopen');
    });
    Route::prefix('/people')->group(function () {
        Route::get('/', [PeopleController::class, 'index'])->name('people');
        Route::post('/', [PeopleController::class, 'store'])->name('people.store');
        Route::get('/new', [PeopleController::class, 'create'])->name('people.new');
        Route::get('/duties', [DutyController::class, 'index'])->name('people.duties');
        Route::get('/duties.csv', [DutyController::class, 'file'])->middleware('reads')->name('people.duties.file');
        Route::get('/mail-server', [MailServerController::class, 'show'])->name('people.mail-server');
        Route::post('/mail-server', [MailServerController::class, 'keep'])->name('people.mail-server.keep');
        Route::post('/mail-server/try', [MailServerController::class, 'attempt'])->name('people.mail-server.try');
        Route::post('/portraits', [PeopleController::class, 'portraits'])->name('people.portraits');
        Route::get('/people.csv', [PeopleController::class, 'file'])->middleware('reads')->name('people.file');
        Route::get('/people.vcf', [PeopleController::class, 'contacts'])->middleware('reads')->name('people.contacts');
        Route::post('/several', [PeopleController::class, 'several'])->name('people.several');
        Route::post('/groups/{group}', [PeopleController::class, 'group'])->where('group', '[0-9]{1,15}')
            ->name('people.group');
        Route::post('/list', [StaffImportController::class, 'store'])->name('people.bring');
        Route::get('/{person}', [PeopleController::class, 'show'])->where('person', '[0-9A-Za-z]{26}')->name('person');
        Route::post('/{person}/page', [PeopleController::class, 'ownPage'])->where('person', '[0-9A-Za-z]{26}')
            ->name('people.page');
        Route::post('/{person}', [PeopleController::class, 'keep'])->where('person', '[0-9A-Za-z]{26}')
            ->name('people.keep');
    });
    Route::prefix('/people/rollouts')->group(function () {
        Route::get('/new', [RolloutController::class, 'create'])->name('rollouts.new');
        Route::post('/', [RolloutController::class, 'store'])->name('rollouts.store');
        Route::prefix('/{rollout}')->where(['rollout' => '[0-9]{1,15}'])->group(function () {
            Route::get('/', [RolloutController::class, 'show'])->name('rollout');
            Route::get('/words', [RolloutController::class, 'edit'])->name('rollouts.words');
            Route::post('/words', [RolloutController::class, 'update'])->name('rollouts.update');
            Route::post('/send', [RolloutController::class, 'send'])->name('rollouts.send');
            Route::post('/state', [RolloutController::class, 'state'])->name('rollouts.state');
            Route::get('/file', [RolloutController::class, 'file'])->middleware('reads')->name('rollouts.file');
            Route::post('/of/{person}', [RolloutController::class, 'judge'])->where('person', '[0-9A-Za-z]{26}')
                ->name('rollouts.judge');
        });
    });
    Route::post('/people/houses', [HouseController::class, 'begin'])->name('house.begin');
    Route::prefix('/people/houses/{house}')->where(['house' => '[0-9]{1,15}'])->group(function () {
        Route::get('/', [HouseController::class, 'show'])->name('house');
        Route::get('/counts', [HouseController::class, 'counts'])->middleware('reads')->name('house.counts');
        Route::get('/of/{person}', [HouseController::class, 'drawing'])->where('person', '[0-9A-Za-z]{26}')
            ->middleware('reads')->name('house.drawing');
        Route::post('/put', [HouseController::class, 'put'])->name('house.put');
        Route::post('/undo', [HouseController::class, 'undo'])->name('house.undo');
        Route::post('/end', [HouseController::class, 'end'])->name('house.end');
    });
    Route::prefix('/people/lists/{import}')->where(['import' => '[0-9]{1,15}'])->group(function () {
        Route::get('/', [StaffImportController::class, 'show'])->name('staff-import');
        Route::post('/columns', [StaffImportController::class, 'settle'])->name('staff-import.settle');
        Route::post('/bring', [StaffImportController::class, 'bring'])->name('staff-import.bring');
        Route::post('/undo', [StaffImportController::class, 'undo'])->name('staff-import.undo');
    });
    Route::prefix('/errands/{errand}')->where(['errand' => '[0-9]{1,15}'])->group(function () {
        Route::get('/', [ErrandController::class, 'show'])->name('errand');
        Route::get('/progress', [ErrandController::class, 'progress'])->middleware('reads')->name('errand.progress');
        Route::get('/file', [ErrandController::class, 'file'])->middleware('reads')->name('errand.file');
    });
    Route::prefix('/settings/programs')->group(function () {
        Route::get('/', [ProgramController::class, 'index'])->name('programs');
        Route::post('/', [ProgramController::class, 'store'])->name('programs.store');
        Route::post('/hooks', [HookController::class, 'store'])->name('programs.hook');
        Route::prefix('/hooks/{hook}')->where(['hook' => '[0-9]{1,15}'])->group(function () {
            Route::post('/test', [HookController::class, 'test'])->name('programs.hook.test');
            Route::post('/turn', [HookController::class, 'turn'])->name('programs.hook.turn');
            Route::post('/remove', [HookController::class, 'remove'])->name('programs.hook.remove');
        });
        Route::post('/{token}/end', [ProgramController::class, 'end'])->where('token', '[0-9]{1,15}')
            ->name('programs.end');
    });
    Route::prefix('/members')->group(function () {
        Route::get('/', [MemberController::class, 'index'])->name('members');
        Route::post('/', [MemberController::class, 'invite'])->name('members.invite');
        Route::post('/invitations/{invitation}/withdraw', [MemberController::class, 'withdraw'])
            ->where('invitation', '[0-9]{1,15}')->name('members.withdraw');
        Route::post('/{member}/role', [MemberController::class, 'change'])->where('member', '[0-9]{1,15}')
            ->name('members.role');
        Route::post('/{member}/remove', [MemberController::class, 'remove'])->where('member', '[0-9]{1,15}')
            ->name('members.remove');
    });
    Route::post('/sign-out', [SignInController::class, 'destroy'])->name('sign-out');
    Route::get('/again', [SignInController::class, 'again'])->name('again');
    Route::post('/again/drop', [SignInController::class, 'drop'])->name('again.drop');

    Route::get('/cards', [CardsController::class, 'index'])->name('cards');
    Route::post('/cards/several', [CardsController::class, 'several'])->name('cards.several');
    Route::get('/placements', [PlacementController::class, 'index'])->name('placements');
    Route::post('/placements', [PlacementController::class, 'put'])->name('placements.put');
    Route::get('/clicks', [ClicksController::class, 'show'])->name('clicks');
    Route::get('/clicks/lines', [ClicksController::class, 'lines'])->middleware('reads')->name('clicks.lines');
    Route::get('/clicks/file', [ClicksController::class, 'file'])->middleware('reads')->name('clicks.file');
    Route::prefix('/tray')->group(function () {
        Route::get('/', [TrayController::class, 'index'])->name('tray');
        Route::post('/', [TrayController::class, 'drop'])->name('tray.drop');
        Route::get('/outgoing', [TrayController::class, 'outgoing'])->middleware('reads')->name('tray.outgoing');
        Route::post('/outgoing/{outgoing}/again', [TrayController::class, 'again'])
            ->where('outgoing', '[0-9]{1,15}')->name('tray.again');
        Route::get('/write', [TrayController::class, 'write'])->name('tray.write');
        Route::post('/write', [TrayController::class, 'send'])->name('tray.send');
        Route::get('/ready', [TemplateController::class, 'index'])->name('ready');
        Route::get('/ready/new', [TemplateController::class, 'create'])->name('ready.new');
        Route::post('/ready', [TemplateController::class, 'store'])->name('ready.store');
        Route::prefix('/ready/{ready}')
            ->where(['ready' => '[0-9]{1,15}'])
            ->group(function () {
                Route::get('/', [TemplateController::class, 'show'])->name('ready.message');
                Route::post('/', [TemplateController::class, 'update'])->name('ready.update');
                Route::post('/move', [TemplateController::class, 'move'])->name('ready.move');
                Route::post('/remove', [TemplateController::class, 'remove'])->name('ready.remove');
                Route::post('/restore', [TemplateController::class, 'restore'])->name('ready.restore');
                Route::get('/file', [TemplateController::class, 'file'])->middleware('reads')->name('ready.file');
            });
        Route::get('/{message}', [TrayController::class, 'show'])
            ->where('message', '[0-9]{1,15}')
            ->name('tray.message');
        Route::get('/{message}/reading/{client}', [TrayController::class, 'reading'])
            ->where(['message' => '[0-9]{1,15}', 'client' => '[a-z0-9-]{3,30}'])
            ->middleware('reads')->name('tray.reading');
        Route::get('/{message}/verdict', [TrayController::class, 'verdict'])
            ->where('message', '[0-9]{1,15}')
            ->middleware('reads')->name('tray.verdict');
        Route::get('/{message}/side/{side}', [TrayController::class, 'side'])
            ->where(['message' => '[0-9]{1,15}', 'side' => 'handed-over|arrived'])
            ->middleware('reads')->name('tray.side');
        Route::get('/{message}/file', [TrayController::class, 'file'])
            ->where('message', '[0-9]{1,15}')
            ->middleware('reads')->name('tray.file');
    });
    Route::prefix('/banners')->group(function () {
        Route::get('/', [PlanController::class, 'index'])->name('banners');
        Route::get('/carried', [PlanController::class, 'carried'])->name('banners.carried');
        Route::get('/occasions', [OccasionController::class, 'index'])->name('occasions');
        Route::post('/occasions', [OccasionController::class, 'begin'])->name('occasions.begin');
        Route::post('/occasions/own', [OccasionController::class, 'keepOwn'])->name('occasions.own');
        Route::post('/occasions/own/{day}/remove', [OccasionController::class, 'dropOwn'])
            ->where('day', '[0-9]{1,15}')->name('occasions.drop');
        Route::get('/day', [PlanController::class, 'day'])->middleware('reads')->name('banners.day');
        Route::get('/plan.{format}', [PlanController::class, 'file'])->where('format', 'csv|ics')->middleware('reads')
            ->name('banners.file');
        Route::post('/plan', [PlanController::class, 'bring'])->name('banners.bring');
        Route::post('/zone', [PlanController::class, 'zone'])->name('banners.zone');
        Route::post('/windows', [PlanController::class, 'store'])->name('windows.store');
        Route::prefix('/windows/{window}')->where(['window' => '[0-9]{1,15}'])->group(function () {
            Route::post('/', [PlanController::class, 'update'])->name('window.update');
            Route::get('/by/{other}', [PlanController::class, 'compare'])->where('other', '[0-9]{1,15}')
                ->name('windows.compare');
            Route::post('/move', [PlanController::class, 'move'])->name('window.move');
            Route::post('/remove', [PlanController::class, 'remove'])->name('window.remove');
            Route::post('/restore', [PlanController::class, 'restore'])->name('window.restore');
        });
        Route::post('/', [BannerController::class, 'store'])->name('banners.store');
        Route::get('/drawings.svg', [BannerController::class, 'drawings'])->middleware('reads')
            ->name('banners.drawings');
        Route::prefix('/{banner}')->where(['banner' => '[0-9]{1,15}'])->group(function () {
            Route::get('/', [BannerController::class, 'show'])->name('banner');
            Route::post('/', [BannerController::class, 'keep'])->name('banner.keep');
            Route::get('/designs', [BannerController::class, 'designs'])->middleware('reads')->name('banner.designs');
            Route::get('/picture', [BannerController::class, 'picture'])->middleware('reads')->name('banner.picture');
            Route::post('/put', [BannerController::class, 'put'])->name('banner.put');
            Route::post('/evergreen', [PlanController::class, 'evergreen'])->name('banner.evergreen');
            Route::post('/undo', [BannerController::class, 'undo'])->name('banner.undo');
            Route::post('/copy', [BannerController::class, 'copy'])->name('banner.copy');
            Route::post('/remove', [BannerController::class, 'remove'])->name('banner.remove');
            Route::post('/restore', [BannerController::class, 'restore'])->name('banner.restore');
        });
    });
    Route::get('/find', FindController::class)->name('find');
    Route::get('/help', HelpController::class)->name('help');
    Route::get('/cards/start', [StartController::class, 'show'])->name('start');
    Route::post('/cards/bring', [StartController::class, 'bring'])->name('cards.bring');
    Route::prefix('/cards/bring/{brought}')->where(['brought' => '[0-9a-f]{24}'])->group(function () {
        Route::get('/', [BringController::class, 'show'])->name('cards.read');
        Route::get('/original', [BringController::class, 'brought'])->middleware('reads')->name('cards.brought');
        Route::post('/', [BringController::class, 'confirm'])->name('cards.confirm');
    });
    Route::post('/cards', [StartController::class, 'store'])->name('cards.store');
    Route::get('/starters/{starter}/drawing', [StartController::class,
        'drawing'])->middleware('reads')->name('starters.drawing');

    Route::prefix('/pictures')->group(function () {
        Route::get('/', [PictureController::class, 'index'])->name('pictures');
        Route::post('/', [PictureController::class, 'store'])->name('pictures.store');
        Route::post('/fetch', [PictureController::class, 'fetch'])->name('pictures.fetch');
        Route::get('/hand', [HandwritingController::class, 'show'])->name('hand');
        Route::post('/hand', [HandwritingController::class, 'store'])->name('hand.store');
        Route::get('/hand/sample', [HandwritingController::class, 'sample'])->middleware('reads')->name('hand.sample');
        Route::get('/{hash}/thumb', [PictureController::class, 'thumb'])
            ->where('hash', '[0-9a-f]{64}')
            ->middleware('reads')->name('picture.thumb');

        Route::prefix('/{picture}')->where(['picture' => '[0-9]{1,15}'])->group(function () {
            Route::get('/', [PictureController::class, 'show'])->name('picture');
            Route::post('/', [PictureController::class, 'keep'])->name('picture.keep');
            Route::post('/replace', [PictureController::class, 'replace'])->name('picture.replace');
            Route::post('/remove', [PictureController::class, 'remove'])->name('picture.remove');
            Route::post('/restore', [PictureController::class, 'restore'])->name('picture.restore');
            Route::get('/preview', [PictureController::class, 'preview'])->middleware('reads')->name('picture.preview');
            Route::get('/file', [PictureController::class, 'file'])->middleware('reads')->name('picture.file');
        });
    });

    Route::prefix('/brand')->group(function () {
        Route::get('/', [BrandController::class, 'show'])->name('brand');
        Route::get('/counts', [BrandChangeController::class, 'counts'])->middleware('reads')->name('brand.counts');
        Route::get('/duties', [BrandChangeController::class, 'duties'])->middleware('reads')->name('brand.duties');
        Route::post('/duties', [BrandChangeController::class, 'meet'])->name('brand.meet');
        Route::get('/change', [BrandChangeController::class, 'show'])->name('brand.change');
        Route::post('/change', [BrandChangeController::class, 'put'])->name('brand.put');
        Route::post('/change/drop', [BrandChangeController::class, 'drop'])->name('brand.drop');
        Route::post('/take', [BrandController::class, 'take'])->name('brand.take');
        Route::post('/undo', [BrandController::class, 'undo'])->name('brand.undo');
        Route::post('/{part}', [BrandController::class, 'keep'])
            ->where('part', 'inks|typeface|sizes|logos|lines|notices|rules')
            ->name('brand.keep');
    });
    Route::prefix('/campaigns')->group(function () {
        Route::get('/', [CampaignController::class, 'index'])->name('campaigns');
        Route::post('/', [CampaignController::class, 'store'])->name('campaigns.store');
        Route::post('/put/{footer}', [CampaignController::class, 'put'])->where('footer', '[0-9]{1,15}')
            ->name('campaigns.put');
        Route::post('/forward', [CampaignController::class, 'forward'])->name('campaigns.forward');
        Route::get('/recipients', [RecipientController::class, 'index'])->name('recipients');
        Route::post('/recipients', [RecipientController::class, 'bring'])->name('recipients.bring');
        Route::post('/recipients/remove', [RecipientController::class, 'remove'])->name('recipients.remove');
        Route::post('/recipients/{recipient}/restore', [RecipientController::class, 'restore'])
            ->where('recipient', '[0-9]{1,15}')->name('recipients.restore');
        Route::post('/recipients/leave', [RecipientController::class, 'leave'])->name('recipients.leave');
        Route::prefix('/{campaign}')->where(['campaign' => '[0-9]{1,15}'])->group(function () {
            Route::post('/', [CampaignController::class, 'update'])->name('campaign.update');
            Route::get('/said', [CampaignController::class, 'said'])->middleware('reads')->name('campaign.said');
            Route::post('/send', [CampaignController::class, 'send'])->name('campaign.send');
            Route::post('/end', [CampaignController::class, 'end'])->name('campaign.end');
            Route::post('/remove', [CampaignController::class, 'remove'])->name('campaign.remove');
            Route::post('/restore', [CampaignController::class, 'restore'])->name('campaign.restore');
        });
    });
    Route::post('/footers', [FooterController::class, 'store'])->name('footers.store');
    Route::prefix('/footers/{footer}')->where(['footer' => '[0-9]{1,15}'])->group(function () {
        Route::get('/', [FooterController::class, 'show'])->name('footer');
        Route::post('/', [FooterController::class, 'keep'])->name('footer.keep');
        Route::get('/sheet', [FooterController::class, 'sheet'])->middleware('reads')->name('footer.sheet');
        Route::get('/compare', [FooterController::class, 'compare'])->name('footer.compare');
        Route::get('/revisions/{number}', [FooterController::class, 'revision'])->where('number', '[0-9]{1,9}')
            ->middleware('reads')->name('footer.revision');
        Route::get('/proof', [FooterController::class, 'proof'])->middleware('reads')->name('footer.proof');
        Route::get('/file', [FooterController::class, 'file'])->middleware('reads')->name('footer.file');
        Route::post('/learn', [FooterController::class, 'learn'])->name('footer.learn');
        Route::post('/give', [FooterController::class, 'giveOut'])->name('footer.give');
        Route::post('/remove', [FooterController::class, 'remove'])->name('footer.remove');
        Route::post('/restore', [FooterController::class, 'restore'])->name('footer.restore');
    });
    Route::post('/letters', [LetterController::class, 'store'])->name('letters.store');
    Route::prefix('/letters/{letter}')->where(['letter' => '[0-9]{1,15}'])->group(function () {
        Route::get('/', [LetterController::class, 'show'])->name('letter');
        Route::post('/', [LetterController::class, 'keep'])->name('letter.keep');
        Route::get('/sheet', [LetterController::class, 'sheet'])->middleware('reads')->name('letter.sheet');
        Route::get('/proof', [LetterController::class, 'proof'])->middleware('reads')->name('letter.proof');
        Route::get('/file', [LetterController::class, 'file'])->middleware('reads')->name('letter.file');
        Route::post('/send', [LetterController::class, 'send'])->name('letter.send');
        Route::post('/remove', [LetterController::class, 'remove'])->name('letter.remove');
        Route::post('/restore', [LetterController::class, 'restore'])->name('letter.restore');
    });
    Route::prefix('/quotations')->group(function () {
        Route::get('/', [QuotationController::class, 'index'])->name('quotations');
        Route::post('/', [QuotationController::class, 'add'])->name('quotations.add');
        Route::get('/quotations.txt', [QuotationController::class, 'file'])->middleware('reads')
            ->name('quotations.file');
        Route::prefix('/{quotation}')->where(['quotation' => '[0-9]{1,15}'])->group(function () {
            Route::post('/', [QuotationController::class, 'keep'])->name('quotation.keep');
            Route::post('/remove', [QuotationController::class, 'remove'])->name('quotation.remove');
            Route::post('/restore', [QuotationController::class, 'restore'])->name('quotation.restore');
        });
    });
    Route::get('/sweeps/{sweep}', [BrandChangeController::class, 'progress'])
        ->where('sweep', '[0-9]{1,15}')
        ->middleware('reads')->name('sweep');
    Route::post('/sweeps/{sweep}/undo', [BrandChangeController::class, 'undo'])
        ->where('sweep', '[0-9]{1,15}')
        ->name('sweep.undo');

    Route::prefix('/cards/{card}')->where(['card' => '[0-9]{1,15}'])->group(function () {
        Route::get('/', [BenchController::class, 'show'])->name('bench');
        Route::get('/sheet', [BenchController::class, 'sheet'])->middleware('reads')->name('sheet');
        Route::get('/sheet/drafted', [BrandChangeController::class,
            'sheet'])->middleware('reads')->name('sheet.drafted');
        Route::get('/profile', [ProfileController::class, 'show'])->middleware('reads')->name('profile');
        Route::get('/profile-kinds', [ProfileController::class,
            'kinds'])->middleware('reads')->name('profile.kinds');
        Route::get('/drawing/{number}', [BenchController::class, 'drawing'])
            ->where('number', '[0-9]{1,9}')
            ->middleware('reads')->name('drawing');
        Route::get('/tuning', [BenchController::class, 'tuning'])->middleware('reads')->name('tuning');

        Route::post('/name', [Edit\DocumentController::class, 'rename'])->name('edit.rename');
        Route::post('/language', [Edit\DocumentController::class, 'speak'])->name('edit.language');
        Route::post('/style', [Edit\StyleController::class, 'restyle'])->name('edit.restyle');
        Route::post('/scale', [Edit\StyleController::class, 'scale'])->name('edit.scale');
        Route::post('/arrangement', [Edit\StyleController::class, 'rearrange'])->name('edit.rearrange');
        Route::post('/undo', [Edit\DocumentController::class, 'undo'])->name('edit.undo');
        Route::post('/redo', [Edit\DocumentController::class, 'redo'])->name('edit.redo');
        Route::post('/samples/hide', [Edit\DocumentController::class, 'hideSamples'])->name('edit.samples');
        Route::post('/pieces', [Edit\OrderController::class, 'add'])->name('edit.add');
        Route::get('/kinds/{kind}/drawing', [Edit\OrderController::class, 'example'])
            ->where('kind', '[a-z-]{2,30}')
            ->middleware('reads')->name('kind.drawing');
        Route::post('/pieces/{piece}', [Edit\PieceController::class, 'fill'])->name('edit.fill');
        Route::get('/pieces/{piece}/feed', FeedController::class)->middleware('reads')->name('feed');
        Route::post('/pieces/{piece}/own', [Edit\PieceController::class, 'keepSample'])->name('edit.own');
        Route::post('/pieces/{piece}/shown', [Edit\OrderController::class, 'show'])->name('edit.show');
        Route::post('/pieces/{piece}/move', [Edit\OrderController::class, 'move'])->name('edit.move');
        Route::post('/tuning', [Edit\StyleController::class, 'tuneSeveral'])->name('edit.several');
        Route::post('/pieces/{piece}/links/{how}', [Edit\PieceController::class, 'links'])->name('edit.links')
            ->whereIn('how', ['add', 'remove', 'up', 'down', 'place', 'name', 'mark']);
        Route::post('/pieces/{piece}/days', [Edit\PieceController::class, 'days'])->name('edit.days');
        Route::post('/pieces/{piece}/assign', [Edit\PieceController::class, 'assign'])->name('edit.assign');
        Route::post('/pieces/{piece}/place', [Edit\OrderController::class, 'place'])->name('edit.place');
        Route::post('/pieces/{piece}/copy', [Edit\OrderController::class, 'copy'])->name('edit.copy');
        Route::post('/pieces/{piece}/tuning', [Edit\PieceController::class, 'tune'])->name('edit.tune');
        Route::post('/pieces/{piece}/remove', [Edit\OrderController::class, 'remove'])->name('edit.remove');

        Route::get('/findings', [ProofController::class, 'findings'])->middleware('reads')->name('findings');
        Route::prefix('/proof')->group(function () {
            Route::get('/', [ProofController::class, 'show'])->name('proof');
            Route::post('/mend', [ProofController::class, 'mend'])->name('proof.mend');
            Route::post('/walk', [ProofController::class, 'walk'])->name('proof.walk');
            Route::get('/sheet', [ProofController::class, 'print'])->name('proof.print');
            Route::get('/{client}', [ProofController::class, 'compare'])
                ->where('client', '[a-z0-9-]{3,30}')
                ->name('proof.compare');
            Route::get('/{client}/reading', [ProofController::class, 'reading'])
                ->where('client', '[a-z0-9-]{3,30}')
                ->middleware('reads')->name('proof.reading');
        });
        Route::get('/links', [LinksController::class, 'show'])->name('links');
        Route::post('/links/check', [LinksController::class, 'check'])->name('links.check');
        Route::post('/tags', [Edit\LinkTagsController::class, 'tags'])->name('edit.tags');
        Route::post('/tags/link', [Edit\LinkTagsController::class, 'tag'])->name('edit.tag');
        Route::post('/counted', [Edit\LinkTagsController::class, 'count'])->name('edit.count');
        Route::get('/forms', [Edit\FormController::class, 'index'])->name('forms');
        Route::get('/forms/{form}/drawing', [Edit\FormController::class, 'drawing'])
            ->where('form', 'whole|reply|phone')
            ->middleware('reads')->name('forms.drawing');
        Route::post('/forms/{form}/{how}', [Edit\FormController::class, 'shape'])
            ->where(['form' => 'reply|phone', 'how' => 'begin|remove|arrange|show'])
            ->name('edit.form');
        Route::get('/looks', [LooksController::class, 'show'])->name('looks');
        Route::get('/looks/sheet', [LooksController::class, 'sheet'])->middleware('reads')->name('looks.sheet');
        Route::get('/sketches', [SketchController::class, 'show'])->name('sketches');
        Route::get('/sketches/{sketch}/drawing', [SketchController::class, 'drawing'])
            ->where('sketch', '[a-z0-9-]{2,40}\.[a-z]{2,10}')
            ->middleware('reads')->name('sketches.drawing');
        Route::post('/sketch', [Edit\StyleController::class, 'sketch'])->name('edit.sketch');
        Route::post('/look', [Edit\StyleController::class, 'look'])->name('edit.look');
        Route::get('/copy', [CardsController::class, 'copy'])->name('cards.copy');
        Route::post('/copy', [CardsController::class, 'storeCopy'])->name('cards.copy.store');
        Route::post('/placements', [PlacementController::class, 'place'])->name('cards.place');
        Route::get('/history', [HistoryController::class, 'show'])->name('history');
        Route::get('/history/compare', [HistoryController::class, 'compare'])->name('history.compare');
        Route::get('/history/{number}/sheet', [HistoryController::class, 'sheet'])
            ->where('number', '[0-9]{1,9}')
            ->middleware('reads')->name('history.sheet');
        Route::post('/history/{number}', [HistoryController::class, 'back'])
            ->where('number', '[0-9]{1,9}')
            ->name('history.back');
        Route::get('/pictures', [PictureController::class, 'choose'])->name('picture.choose');
        Route::get('/pieces/{piece}/crop', [PictureController::class, 'crop'])->name('picture.crop');
        Route::get('/hand-over', [HandOverController::class, 'show'])->name('hand-over');
        Route::get('/hand-over/directions/{to}', [HandOverController::class, 'directions'])
            ->where('to', '[a-z0-9-]{2,30}')
            ->name('hand-over.directions');
        Route::post('/hand-over/directions/{to}', [HandOverController::class, 'note'])
            ->where('to', '[a-z0-9-]{2,30}')
            ->name('hand-over.note');
        Route::get('/hand-over/mailbox', [MailboxController::class, 'show'])->name('mailbox');
        Route::post('/hand-over/mailbox', [MailboxController::class, 'open'])->name('mailbox.open');
        Route::post('/hand-over/mailbox/place', [MailboxController::class, 'place'])->name('mailbox.place');
        Route::post('/hand-over/mailbox/close', [MailboxController::class, 'close'])->name('mailbox.close');
        Route::post('/hand-over/taken', [HandOverController::class, 'taken'])->name('hand-over.taken');
        Route::get('/hand-over/file', [HandOverController::class, 'file'])->middleware('reads')->name('hand-over.file');
    });
});

if (config('inky.bench')) {
    Route::get('/bench/bare', fn () => 'ok');
}
