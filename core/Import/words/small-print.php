<?php

// Words of what stands under signatures by law or habit. A star stands for any letters.

return [
    'en' => ['confidential', 'intended solely', 'intended only', 'intended for', 'addressee', 'privileged', 'unauthorised', 'unauthorized', 'disclaimer', 'virus', 'think before', 'environment', 'printing this', 'please consider', 'before printing', 'this e-mail', 'this email', 'this message and', 'received this', 'legally privileged', 'sole use', 'equal opportunit*', 'do not reply'],
    'de' => ['vertraulich', 'diese e-mail', 'diese mail', 'bevor sie', 'bitte denken', 'drucken sie', 'umwelt zuliebe', 'irrtümlich', 'unbefugt*', 'nicht der richtige adressat', 'pflichtangaben', 'datenschutz*', 'vertrauliche*'],
    'fr' => ['confidentiel*', 'ce message', 'ce courriel', 'cet e-mail', 'destinataire', 'avant d\'imprimer', 'pensez à', 'n\'imprimez', 'l\'environnement', 'protection des données'],
    'es' => ['confidencial*', 'este mensaje', 'este correo', 'destinatari*', 'antes de imprimir', 'medio ambiente', 'protección de datos', 'aviso legal'],
    'pt' => ['confidencia*', 'esta mensagem', 'este e-mail', 'destinatári*', 'antes de imprimir', 'meio ambiente', 'proteção de dados', 'aviso legal'],
    'it' => ['riservat*', 'questo messaggio', 'questa e-mail', 'destinatari*', 'prima di stampare', 'rispetta l\'ambiente', 'ambiente prima', 'tutela della privacy', 'regolamento ue'],
    'nl' => ['vertrouwelijk*', 'dit bericht', 'deze e-mail', 'geadresseerde', 'voordat u', 'denk aan het milieu', 'uitsluitend bestemd'],
    'pl' => ['poufn*', 'ta wiadomość', 'niniejsza wiadomość', 'adresat*', 'zanim wydrukujesz', 'środowisko', 'rodo'],
    'cs' => ['důvěrn*', 'tato zpráva', 'tento e-mail', 'adresát*', 'než vytisknete', 'životní prostředí'],
    'sk' => ['dôvern*', 'táto správa', 'skôr ako vytlačíte', 'životné prostredie'],
    'sv' => ['konfidentiell*', 'detta meddelande', 'detta e-post*', 'mottagare*', 'innan du skriver', 'tänk på miljön', 'personuppgifter'],
    'da' => ['fortrolig*', 'denne e-mail', 'denne mail', 'modtager*', 'tænk på miljøet', 'inden du printer', 'persondata'],
    'nb' => ['denne e-posten', 'mottaker*', 'tenk på miljøet', 'før du skriver ut', 'konfidensiell*', 'personopplysninger'],
    'fi' => ['luottamuksell*', 'tämä viesti', 'tämä sähköposti', 'vastaanottaja*', 'ennen tulostamista', 'ajattele ympäristöä', 'tietosuoja*'],
    'hu' => ['bizalmas*', 'ez az üzenet', 'ez az e-mail', 'címzett*', 'mielőtt kinyomtat*', 'környezet*', 'adatvédelm*'],
    'ro' => ['confidenț*', 'acest mesaj', 'acest e-mail', 'destinatar*', 'înainte de a tipări', 'mediul înconjurător'],
    'el' => ['εμπιστευτικ*', 'το παρόν', 'αυτό το μήνυμα', 'παραλήπτ*', 'πριν εκτυπώσετε', 'περιβάλλον'],
    'ru' => ['конфиденциал*', 'данное сообщение', 'это сообщение', 'получател*', 'прежде чем распечатать', 'окружающей среде', 'персональных данных'],
    'uk' => ['конфіденц*', 'це повідомлення', 'одержувач*', 'перш ніж друкувати', 'довкілля', 'персональних даних'],
    'tr' => ['gizli*', 'bu e-posta', 'bu mesaj', 'alıcı*', 'yazdırmadan önce', 'çevreyi', 'kişisel veri*'],
    'ar' => ['سرية', 'سري', 'هذه الرسالة', 'المرسل إليه', 'قبل الطباعة', 'قبل طباعة', 'البيئة'],
    'he' => ['סודי*', 'חסוי*', 'הודעה זו', 'דוא"ל זה', 'הנמען', 'לפני ההדפסה', 'איכות הסביבה'],
    'ja' => ['*機密*', '*誤送信*', '*本メール*', '*このメール*', '*印刷する前*', '*個人情報*'],
    'ko' => ['*기밀*', '*수신인*', '*본 메일*', '*이 메일은*', '*인쇄하기 전*', '*개인정보*'],
    'zh' => ['*机密*', '*機密*', '*保密*', '*收件人*', '*本邮件*', '*本郵件*', '*打印前*', '*环境*'],
    'hr' => ['povjerljiv*', 'ova poruka', 'primatelj*'],
];
