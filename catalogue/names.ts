/**
 * What coaches call the drills, beside their names: general words of the trade. Names are compared without regard to
 * number, hyphens, joining words and common spellings, so those need no entry of their own.
 */
export const TRADE_NAMES: Readonly<Record<string, string>> = {
  // Breathing
  'Supine 90/90 breathing reset':
    'diaphragmatic breathing; breathing lying down; lying breathing; breathing on your back; belly breathing; diaphragm breathing; breathing reset; 90/90 breathing; supine breathing; feet on wall breathing; breathing on the back; belly breathing; diaphragm breathing',
  'Crocodile breathing':
    'prone breathing; crocodile breath; face down breathing; belly breathing face down; breathing on the stomach',
  'Standing breathing reset':
    'breathing; breathing drill; breath work; box breathing; four-count breathing; breathe and shake out; standing breathing; breathe and shake it out; standing breath reset; deep breaths standing; deep breathing; deep breaths; deep breath; a few deep breaths; big breaths; slow breaths; nasal breathing; nose breathing; breathe through the nose',
  'Seated rib breathing':
    'rib breathing; seated breathing; seated breathing into the ribs; side rib breathing; lateral breathing; rib cage breathing',
  'Back rocking':
    'knees to chest rock; rolling like a ball; back rolls; roll on the back; hug knees and rock; rock on your back',
  'Legs-shaken-out walk':
    'shake out; shake out walk; walk and shake the legs out; leg shake walk; shake the legs; loose walk; shake it out',
  'Low back squeeze and let go':
    'low back squeeze; lower back squeeze and release; seated low back squeeze and release; seated back squeeze; low back tense and relax',
  // Rolling
  'Upper-back roll':
    'thoracic foam roll; upper back foam roll; foam roll upper back; thoracic roll; thoracic roller; upper back on the roller; roll out the upper back; foam roll thoracic; mid back roll',
  'Lengthwise chest opener':
    'roller chest opener; chest opener on the roller; lie lengthwise on the roller; lie lengthwise on the roller open the chest; lengthwise on the roller; chest stretch on the roller; foam roller chest opener; roller snow angel',
  'Front-hip roll':
    'hip flexor roll; foam roll hip flexors; hip flexor foam roll; front of hip roll; roll hip flexors; roll out the hip flexors; hip flexors on the roller',
  'Quad roll':
    'foam roll quads; quad foam roll; quads on the roller; roll quads; roll out the quads; thigh roll; foam rolling quads; front thigh roll',
  'Side-hip roll':
    'side of hip roll; foam roll tfl; foam rolling tfl; tfl roll; roll the side of the hip; outer hip roll; hip roll on the side',
  'Figure-four glute roll':
    'piriformis roll; glute roll; foam roll glutes; glute foam roll; roll glutes; piriformis on the roller; roll out the glutes; glutes on the roller; foam roll piriformis; lacrosse ball glutes; ball on the glutes; massage ball glutes; lacrosse ball on the glutes; trigger ball glutes; tennis ball glutes',
  'Hamstring roll':
    'foam roll hamstrings; hamstring foam roll; roll hamstrings; hamstrings on the roller; roll out the hamstrings; back of thigh roll',
  'Calf roll':
    'foam roll calves; calf foam roll; calves on roller; roll calves; roll out the calves; calf roller; lower leg roll',
  'Outer-thigh roll':
    'it band roll; foam roll it band; it band foam roll; roll it band; outer thigh foam roll; roll out the it band; outside thigh roll',
  "Child's-pose roll-out":
    "child's-pose roll-out; child's pose with roller; roller rollout in child's pose; child's pose rollout; roller roll out kneeling; lat roll out kneeling",
  'Massage-stick pass':
    'stick massage; massage stick; massage stick quads; massage stick calves; massage stick legs; roll the legs with a stick; stick roll',
  // Stretches
  'Half-kneeling hip flexor stretch':
    'hip flexor rock; hip flexor rocks; kneeling hip flexor rock; kneeling hip flexor stretch; kneeling lunge stretch; hip flexor stretch; half kneeling hip flexor; low lunge stretch; kneeling hip stretch; half kneeling stretch; hip flexor stretch kneeling; low lunge; low lunge hold; crescent low lunge',
  'Rear-foot-raised quad stretch':
    'wall quad stretch; couch stretch; sofa stretch; rear foot elevated quad stretch; rear foot elevated hip flexor stretch; kneeling quad stretch; foot on the wall quad stretch; bench quad stretch',
  'Standing quad stretch':
    'heel-to-hand; quad stretch; heel to butt stretch; heel to butt quad stretch; quad stretch standing; standing thigh stretch; thigh stretch; heel to bottom stretch; pull heel to butt',
  'Quad stretch, three grips':
    'three grip quad stretch; quad stretch in three grips; three way quad stretch; 3 way quad stretch; 3 grip quad stretch; quad stretch three ways; quad stretch 3 grips; standing quad stretch three grips',
  'Pigeon on the floor': 'pigeon; pigeon stretch; pigeon pose; floor pigeon; pigeon hold; half pigeon',
  'Raised pigeon':
    'standing pigeon; elevated pigeon; pigeon on the bench; pigeon on a box; box pigeon; bench pigeon; table pigeon; pigeon stretch on a bench',
  'Supine figure four':
    'eye of the needle; eye of the needle stretch; figure four stretch lying; figure four stretch; figure four stretch on your back; supine figure four stretch; lying figure four; lying glute stretch; supine glute stretch; supine piriformis stretch; glute stretch lying; piriformis stretch; glute stretch',
  'Seated figure four':
    'seated figure four stretch; chair figure four; chair figure four stretch; seated glute stretch; seated pigeon; chair pigeon; figure four in the chair; seated piriformis stretch',
  "Child's pose":
    "child's pose; child pose stretch; child's pose stretch; kneeling back stretch; sit back to heels; prayer stretch on the floor",
  'Wall calf stretch':
    'calf stretch at the wall; calf stretch; calf stretch on the wall; standing calf stretch; gastroc stretch; wall gastroc stretch; lean to wall calf stretch',
  'Split-stance calf hold':
    'split stance calf stretch; calf stretch in a split stance; staggered calf stretch; lunge calf stretch; free-standing calf stretch; calf stretch split stance',
  'Standing hamstring hold':
    'standing hamstring stretch; hamstring stretch standing; hamstring stretch; heel forward hamstring stretch; hamstring stretch heel in front; standing hammy stretch',
  'Standing adductor hold':
    'standing groin stretch; adductor stretch standing; standing adductor stretch; groin stretch; adductor stretch; side lunge stretch; inner thigh stretch; standing inner thigh stretch',
  'Doorway chest stretch':
    'doorway pec stretch; chest stretch in the doorway; doorway stretch; pec stretch in the doorframe; corner chest stretch; wall chest stretch; doorframe stretch; wall pec stretch',
  'Partner chest stretch':
    'partner pec stretch; chest stretch with a partner; partner arms back stretch; paired chest stretch; pec stretch with partner',
  'Hands-clasped chest lift':
    'hands clasped behind back; hands clasped behind back lift; clasp hands behind and lift; clasped hands chest stretch; standing chest stretch; chest stretch; hands behind back chest stretch; interlaced fingers behind back',
  'Overhead triceps and side lean':
    'overhead triceps stretch; triceps stretch; overhead tricep stretch with side lean; elbow behind head stretch; triceps stretch with side bend; tricep stretch and lean; overhead elbow pull',
  'Cross-body shoulder hold':
    'eagle arms; cross body stretch; cross-body stretch; cross body shoulder stretch; cross body shoulder stretch; arm across the chest stretch; posterior shoulder stretch; rear delt stretch; cross body arm stretch; arm across chest; shoulder stretch; cross arm stretch; rear shoulder stretch',
  'Forearm and wrist hold':
    'wrist flexor stretch; forearm stretch; wrist stretch; wrist extensor stretch; forearm and wrist stretch; wrist flexor and extensor stretch',
  'Standing side reach hold':
    'lat stretch; lats stretch; standing side stretch; side reach and hold; side stretch; lat side stretch; standing side reach; side lean stretch; overhead side stretch; standing lat stretch',
  'Neck side hold':
    'neck stretch; ear to shoulder hold; neck side stretch; side neck stretch; lateral neck stretch; ear to shoulder stretch; upper trap stretch',
  'Split-stance hip flexor hold':
    'standing hip flexor stretch; split stance hip flexor stretch; hip flexor stretch standing; staggered hip flexor stretch; standing lunge hip flexor stretch; standing psoas stretch',
  'Forward fold, soft knees':
    'forward fold; standing forward bend; standing forward bend soft knees; ragdoll; ragdoll fold; rag doll; standing forward fold; forward bend; toe touch hold; hang forward; standing toe touch stretch',
  // Pulse
  'March on the spot':
    'knee lifts; marching; march; march in place; marching in place; standing march; marching on the spot; knees up march; high march; march with arm swings; marching with arm swings; march with arms; march and swing the arms',
  'Run on the spot':
    'run in place; running in place; jog on the spot; jog in place; jogging in place; spot run; spot jog; jogging on the spot',
  'Skipping rope':
    'rope skipping; jump rope; skip rope; jump rope easy; skipping with a rope; jumping rope; rope jumps; skipping; single unders',
  'Jumping jack': 'star jump; jack; jumping jacks; full jack; side straddle hop',
  'Step jack':
    'half jack; low impact jumping jack; stepping jack; step out jack; low impact jack; walking jack; no jump jack; modified jumping jack; jack without the jump',
  'Seal jack': 'seal jump; seal clap jack; seals; seal jumping jack; clap jack',
  'Pogo hops':
    'ankle hops; pogo; pogo jump; ankle bounce; pogo bounce; ankle jump; stiff leg hop; small bounces; pogo hops in place; two foot pogo; bunny hop',
  'Shadow boxing':
    'shadow box; shadowbox; shadowboxing; boxing; air boxing; boxing moves; standing punches; jab cross; jab cross hook; slips and rolls; bob and weave; uppercut; punch it out',
  'Cross crawl':
    'standing cross crawl; opposite elbow to knee; standing opposite elbow to knee; elbow to knee; opposite hand to knee; standing cross crunch; knee to opposite elbow; march elbow to knee; standing crunch; standing crunches; standing knee to elbow',
  'Step-ups':
    'stair climber; stepper; stair machine; stair climb; climbing stairs; step-up; box step-ups; step-ups on the box; bench step-ups; step ups on a step; low step-ups; step up and down; stepping up and down; stair runs; stair run; run the stairs; stairs; stair steps',
  'Side taps with reach':
    'side tap; side taps; side tap and reach; step tap; side to side step tap; side step tap; step touch; step touch with reach; side touch; toe taps to the side; side step with reach',
  'Punch and twist, seated':
    'seated punches; seated punch; seated punch and twist; seated boxing; seated punches with twist; chair boxing; chair punches; sitting punches',
  'Fast feet':
    'ladder drills; agility ladder; speed ladder; ladder runs; in-out ladder; ladder quick steps; icky shuffle; quick feet; fast feet drill; foot fire; rapid feet; fast feet on the spot; quick feet in place',
  'Boxer shuffle': "boxer bounce; boxer's shuffle; boxers shuffle; boxer step; boxer skip; boxing bounce; boxer hop",
  'Easy jog':
    'run; jog; jogging; light jog; slow jog; easy run; gentle jog; jog forward; forward jog; light run; running; forward run; jog easy',
  Backpedal:
    'backward jog; backward run; run backward; jog backward; back pedal; backpedalling; backward running; back pedalling; backpedaling',
  'Jog, back and shuffle mix':
    'jog backpedal shuffle; jog forward backpedal and shuffle mix; jog forward backward sideways; mixed jog; jog backpedal and shuffle; jog in all directions; multi-directional jog',
  'Side shuffle':
    'side slide; lateral shuffle; defensive slide; shuffle; side shuffles; lateral slide; side gallop; sideways gallop; gallop; gallop sideways; slide step; sideways shuffle; shuffle sideways',
  'Side shuffle with floor touch':
    'shuffle with floor touch; side shuffle and touch the floor; lateral shuffle with floor touch; lateral shuffle touch the floor; shuffle and touch; defensive slide with touch; side shuffle touch the line',
  'Basic skip':
    'skip; skips; forward skip; easy skip; skipping forward; skip with arm swing; light skip; travelling skip; skips easy; traveling skip',
  'A-skip': 'a skips; knee drive skip; a-skips; skip with high knee; high knee skip',
  'Lateral skip': 'side skip; lateral skips; sideways skip; skip sideways; lateral a-skip; side skipping',
  'High knees':
    'high knee; high knee run; running high knees; high knees run; knees up run; high knee running; run with high knees',
  'Butt kicks':
    'heel flicks running; butt kick; butt kicker; heel kick running; heels to butt; heel kicks; running butt kicks; bum kicks; bum flicks; kick butts; heel flick run; flick backs',
  'Cyclic run kicks': 'cyclic run; cyclic kicks; running cycles; cycling run; fast leg cycles; leg cycles run',
  Carioca:
    'grapevine run; karaoke; cariocas; grapevine; carioca step; crossover run; cross over run; fast grapevine; crossovers; carioca run',
  'Progressive run':
    'progressive jog; build up jog; run gradually faster; jog building to run; increasing run; run faster each length',
  'Brisk walk': 'fast walk; power walk; walk; walking; brisk walking; quick walk; walk fast; walk briskly',
  'Row, easy':
    'row; rower; easy row; rowing machine; erg; rowing; rower easy; row machine; row erg; rowing erg; light row; indoor rower',
  'Bike, easy':
    'assault bike; air bike; fan bike; bike; stationary bike; easy bike; exercise bike; spin bike; cycling; easy cycling; cycle; light bike; spin easy; bike erg; easy spin; air bike; upright bike',
  'Cross-trainer, easy':
    'cross trainer; elliptical; elliptical trainer; cross trainer easy; elliptical machine; x trainer; ellipticals',
  'Incline walk ladder':
    'treadmill walk; incline treadmill walk; incline walk; treadmill incline walk; treadmill ladder; walk on the treadmill; treadmill; uphill treadmill walk; incline treadmill',
  'Seated march and reach':
    'seated march; chair march; seated march with reach; sitting march; march in the chair; chair marching; seated marching and reaching; seated marches',
  'Seated skip': 'seated jump rope; chair skip; seated skips; seated rope skipping; chair skipping; sitting skip',
  // Circles
  'Wrist circles': 'wrist roll; wrist rotation; wrist circle; circle the wrists; rolling wrists; wrist rolls',
  'Elbow circles': 'elbow roll; elbow circle; forearm circle; forearm circles; elbow rotation; circle the elbows',
  'Shoulder rolls':
    'shoulder circle; shoulder roll; shoulder shrug roll; roll the shoulders; shoulder rotations; shoulder circles; shrug and roll',
  'Arm circles':
    'arm circle; freestyle arms; backstroke arms; front crawl arms; big arm circle; straight arm circles; circle the arms; arm rotations; large arm circles; small arm circles; shoulder cars; shoulder controlled circles; controlled shoulder rotations; standing shoulder cars',
  'Neck turns':
    'neck rotation; head turn; look left and right; neck turn; turn the head; look over the shoulder; head rotation; look over each shoulder; head turns side to side; no nods',
  'Neck nods':
    'chin tuck; chin tucks; head nod; yes nod; chin to chest; neck nod; neck flexion and extension; nod the head; look up and down; chin nods; neck flexion extension',
  'Neck side bends':
    'ear to shoulder; neck side bend; neck tilts; head tilt; lateral neck flexion; side neck bend; head tilts; side neck tilt; neck lateral flexion',
  'Neck half circles':
    'half neck circle; neck half circle; half head circles; neck semi circles; neck circles; head rolls; half neck rolls; neck rolls; head circles; neck cars',
  'Trunk circles':
    'torso circle; waist circle; trunk circle; trunk rotations in a circle; waist rolls; torso rolls; upper body circles; body circles',
  'Hip circles':
    'hip circle; hula hip; hip roll standing; standing hip circles; hula hoops; hip rotations standing; hips circle; circle the hips; hula circles; pelvis circles; standing hip rolls',
  'Knee circles': 'knee circle; knee roll; knee rotation; circle the knees; knee rolls; knees together circles',
  'Knee bend and extend':
    'standing knee bend; knee bend and straighten; knee bends; small knee bends; knee flexion and extension; mini knee bends; bend and straighten the knees',
  'Ankle circles':
    'ankle circle; ankle roll; ankle rotation; foot circles; circle the ankles; ankle rolls; foot circle; ankle alphabet; foot alphabet; alphabet with the foot; ankle abc; ankle cars',
  'Ankle pumps':
    'foot pump; ankle pump; point and flex; calf pumps; toe point and flex; pump the ankles; pump the feet; point and flex the feet',
  'Heel-toe rock':
    'rock heel to toe; heel to toe rock; heel toe rocks; rocking heel to toe; heel toe raises; toe heel rocks; heel and toe raises',
  'Finger spreads and fists':
    'finger pulses; finger pumps; fist pumps; finger spread; open and close the hands; fists and fingers; make fists and open; hand opens; finger extensions and fists; open close hands; finger stretches; hand squeezes; finger flicks; finger flick; open and close fists; flick the fingers; fist open and close; finger openers',
  'Shin raises at the wall':
    'toe raises; tib raise; tibialis raise; wall tibialis raise; wall toe raises; toe raises at the wall; shin raise; tibialis anterior raise; wall tib raise',
  'Knee-to-wall ankle rock':
    'knee to wall; ankle rock at the wall; ankle dorsiflexion rock; knee over toe ankle rock; ankle rocks; knee to wall ankle mobility; ankle mobility at the wall; wall ankle mobility; ankle dorsiflexion; ankle mobilisation; ankle rockers; dorsiflexion at the wall; half kneeling ankle rock',
  'Eyes and head turn':
    'eyes then head; eye and head turns; eyes lead head turns; look with the eyes then the head; eye head turns; gaze turns; eye circles; eye movements; eye warm up; eye tracking',
  // Arms
  'Forward and back bend':
    'reach for the sky and toes; reach for the sky then the toes; sky reach to toes; forward and backward bend; standing back bend and fold; bend forward and back; back bend and forward bend; standing forward back bend; flex and extend the back; roll down; roll-downs; standing roll down; spinal roll down; spine roll down; roll down and up',
  'Standing trunk twist':
    'trunk twist; trunk rotation; standing trunk rotation; torso twist; standing twist; standing torso rotation; torso rotation; waist twist; standing rotations; body twist; standing torso twist; twists',
  'Trunk twist with stick':
    'stick twist; stick trunk twist; trunk rotation with stick; broomstick twist; twist with a stick; stick on shoulders twist; dowel trunk rotation; broomstick trunk twist; bar twist',
  'Bent-over trunk twist':
    'windmill; bent over twist; standing windmill; toe touch twist; alternating toe touches; opposite hand to foot; windmills; bent over trunk rotation; bent over windmill; alternating toe touch; cross toe touch; hand to opposite foot; crossover toe touch; cross body toe touch; cross over toe touches',
  'Standing side bend':
    'side bend; standing side bends; lateral bend; side bends; standing lateral bends; trunk side bend; side lean; lateral trunk bends; side crunch standing',
  'Long arm swings':
    'arm swing; big arm swing; arm swings up and down; arm swings forward and back; long arm swing; front to back arm swings; overhead arm swing; arm swings overhead; swing the arms; ski swings',
  'Cross-front arm swings':
    'cross body arm swings; open and close arm swings; arm cross swings; bear hugs; cross front arm swing; horizontal arm swings; self hugs; arm crossovers; chest openers arm swing; big hugs; arm crosses',
  'Triceps flick':
    'tricep flick; triceps flicks; triceps kickbacks without weight; elbow extension flick; arm flick back; triceps kickback',
  'Overhead arm raise':
    'arm raise; overhead arm raises; arms overhead raise; raise the arms overhead; overhead reach; arm raises; reach overhead; overhead reaches; reach to the ceiling; reach up; arms up and down',
  'Standing chest opener':
    'chest opener; chest opening; standing thoracic extension; standing chest opening; chest expansion; arms open and close; open the chest; standing chest expansion; standing chest openers; open arms and lift the chest; chest lift standing; standing t-spine opener; standing chest opening extension; chest opening extension',
  'Rope-pull arms':
    'rope pull; rope pulls; climb the rope; climb the rope arms; rope climb arms; pull the rope; pulling a rope; rope climbers',
  'Stick pass-through':
    'shoulder pass-through; pass through; shoulder dislocate; shoulder dislocation; stick dislocate; broomstick pass through; pipe pass through; pvc pass through; dislocates; shoulder dislocates with a stick; dowel pass through; band pass through; band dislocate; pass overs; shoulder pass over',
  'Floor angel':
    'snow angel; floor angels; snow angels on the floor; lying angel; supine angel; supine wall angel; floor slides; angels on the floor',
  'Wall angel':
    'wall angels; wall slide; wall slides back to wall; back to wall slide; standing wall angel; wall slides; angels on the wall; back to wall angels; wall snow angel; scap wall slide; scapular wall slide',
  'Wall slide, facing':
    'wall arm raise; facing wall slide; wall slides facing the wall; forearm wall slides; forearm wall slide; serratus wall slide; front wall slide; wall walk up; face the wall slide',
  'Scarecrow turns':
    'scarecrow; scarecrows; field goal rotations; goal post rotations; scarecrow rotation; shoulder rotations elbows up; internal external rotation; goalpost arms',
  // Spine
  'Cat-cow':
    'cat cow; cat camel; cat-camel; cat and camel; cat and cow; cat cow stretch; quadruped cat cow; cat cows; quadruped cat camel; cat stretch; angry cat',
  'Quadruped rocking':
    'frog stretch; frog pose; frog stretch rocks; rocking on all fours; quadruped rock back; quadruped rock; all fours rock; hip rock back; kneeling rock back; hands and knees rocking; frog rock; hip rock backs; rockback; all fours rock back; frog rock backs; frog stretch rock back; frog rock back; frog stretch rock backs',
  'Quadruped adductor rock':
    'adductor rock back; adductor rock; kneeling adductor rock; quadruped adductor rock back; adductor rockbacks; kneeling groin rock; groin rock back; adductor rocks on all fours; straight leg adductor rock',
  'Half-kneeling adductor rock':
    'half kneeling adductor rocks; half kneeling groin rock; half kneeling adductor mobilisation; lateral half kneeling rock; half kneeling adductor rock back; half kneeling side rock',
  '90/90 lean and turn':
    '90/90 stretch; 90/90; 90/90 lean; 90/90 hip stretch; 90/90 lean and rotate; 90/90 position lean; 90/90 hip mobility; 90/90 forward lean; 90/90 hold',
  '90/90 switches':
    'knee drops seated; 90/90 hip switch; 90/90 switch; shin box switch; shin box; 90/90 transitions; shinbox; seated windshield wipers; 90/90 rotations; 90/90 flow; seated hip switches; 90/90 flips; 90/90 hip rotations; hip 90/90; 90/90 hips',
  'Side-to-side knee drops':
    'knee rolls side to side; windshield wiper; windscreen wiper; windshield wipers on your back; knee drops; knee drops side to side; lower trunk rotation; supine knee drops; lying knee drops; supine trunk rotation; knee rolls lying; supine windshield wipers; lumbar rotations; low back rotations; supine knee rolls; knees side to side',
  'Supine hip rotation':
    'lying hip rotation; supine hip rotations; hip rotation on the back; hip internal external rotation lying; supine hip internal and external rotation; supine hip circles; lying hip circle',
  'Open book, side-lying':
    'open book; open books; t-spine opener; thoracic opener; side lying open book; side lying windmill; side lying thoracic rotation; book opener; side lying rotation; side lying trunk rotation; book openers; thoracic open book; side lying chest opener',
  'Open book, half-kneeling':
    'half kneeling open book; half kneeling thoracic rotation; half kneeling rotation; half kneeling wall open book; half kneeling trunk rotation; kneeling open book',
  'Thread the needle':
    'thread the needles; quadruped thread the needle; needle threads; threading the needle; quadruped thoracic rotation; quadruped reach through; all fours rotation; thoracic rotation on all fours; quadruped rotation; needle thread; thoracic rotation; thoracic rotations',
  'Thoracic extension over roller':
    'thoracic extension; thoracic extension on foam roller; upper back extension over roller; roller extension; thoracic extensions over the roller; foam roller thoracic extension; foam roller extension; extend over the roller; upper back extension; mid back extension on roller; extensions on the roller',
  'Prone twist':
    'scorpion; prone scorpion; lying scorpion; scorpion kick; scorpions; scorpion stretch; prone hip twist; face down scorpion; scorpion reach',
  'Segmental roll, legs lead':
    'segmental rolls legs lead; segmental rolling legs leading; lower body roll; roll with the legs; leg led roll; lower body segmental rolling; roll legs first',
  'Segmental roll, arms lead':
    'segmental rolls arms lead; segmental rolling arms leading; upper body roll; roll with the arms; arm led roll; upper body segmental rolling; roll arms first',
  'Breathing crunch':
    'crunch with a breath; crunch; crunches; breathing crunches; curl up; crunch with exhale; exhale crunch; ab crunch; curl ups',
  'Quadruped head nods':
    'head nods on all fours; quadruped neck nod; quadruped head nod; all fours head nods; hands and knees head nod; neck nods on all fours; quadruped nods',
  'Quadruped head turns':
    'head turns on all fours; quadruped head turn; quadruped neck rotation; all fours head turns; quadruped neck turns; look over the shoulder on all fours',
  'Supine neck rotation':
    'supine neck rotations; neck turns lying down; lying neck rotation; supine head turns; neck rotation on the back; lying head turn; supine neck turn',
  'Downward dog': 'down dog; down dog hold; downdog; downward facing dog; pike stretch; down dog stretch; inverted v',
  'Dog flow':
    'sun salutation; sun salutations; sun salute; sun sal; down-to-up flow; down dog to up dog; down dog up dog; downward dog to upward dog; dog flows; up dog down dog; down dog up dog flow; down dog to cobra; downward to upward dog flow; plank to down dog; push-up to down dog; plank to downward dog; down dog to plank; up dog to down dog',
  // Walks
  'Knee hug walk':
    'walking knee to chest; walking knee hug; knee hug; knee hugs walking; knee to chest walk; knee pull; knee to chest; knee tucks walking; walking knee pulls; high knee pull; knee hugs; standing knee hug; walking high knee hug',
  'Shin cradle walk':
    'walking figure four; shin pull; shin cradle; leg cradle; walking shin cradle; walking leg cradle; cradle walk; ankle grab; leg cradles; hip cradle; cradle the leg; shin grab; walking cradles; walking shin pull; standing figure four walk',
  'Quad grab walk':
    'walking quad stretch; quad pull; walking quad pull; quad grab; walking quad grab; heel to butt walk; walking quads; quad stretch walk; quad walk; walking heel to butt; walking thigh stretch; quad pulls',
  'Toe-touch walk':
    'walking toe touch; walking toe touches; toe touch; toe touches walking; walking hamstring stretch; walking hamstring scoop; hamstring scoop; scoops; sweep the floor; walking scoops; hamstring sweeps; walking sweeps; heel toe scoop; hamstring sweep',
  'Toe walk':
    'walk on toes; tip toe walk; toe walks; tiptoe walk; walking on the toes; calf raise walk; toes walk; walking calf raise; high toe walk',
  'Heel walk': 'walk on heels; heel walks; walking on the heels; heels walk; toes up walk; penguin walk; shin walk',
  'Single-leg hinge walk':
    'inverted toe touch; walking single leg romanian deadlift; walking airplane; inverted hamstring; walking single leg deadlift; single leg deadlift walk; walking single leg hinge; airplane walk; walking inverted hamstring; inverted hamstring stretch; walking romanian deadlift; single leg romanian deadlift; single leg deadlift; single leg romanian deadlift walk; drinking birds; tip toes and tilt; walking hip hinge',
  'Straight-leg march':
    'walking leg kick; toy soldier; frankenstein; straight leg kick; straight leg kicks walking; walking straight leg kick; toy soldiers; frankenstein walk; monster kicks; soldier kicks; straight leg walk; tin soldier; frankenstein march; high kicks; leg kicks; toy soldier walk; russian march; soldier march; march with straight legs',
  'Walking hip circle':
    'open the gate; gate opener; walking hip opener; open gate; open gate walk; open the gates; hip opener walk; hip openers; walking open the gate; walking hip openers; hip circle walk; external hip rotation walk; gate swing; opening the gate; hip opener',
  'Hurdle step, forward':
    'hurdle step; over the hurdle forward; hurdle steps forward; hurdle step over; forward hurdle step; hurdle walk; step over the hurdle; over the hurdle; hurdle walk forward; hurdle step-over; forward hurdles; over the fence',
  'Hurdle step, backward':
    'close the gate; hurdle steps backward; backward hurdle step; backward hurdles; gate closer; close the gates; hurdle walk backward; backward over the hurdle; closing the gate; hip closer',
  'Hurdle step to rotation':
    'hurdle step with rotation; hurdle step and turn; hurdle step and rotate; hurdle step rotation; over the hurdle and turn; hurdle step then rotate',
  'Hip opener to squat':
    'open the gate to squat; hip opener and squat; gate opener to squat; hip opener into squat; hip opener then squat; open hip and squat',
  'Leg swing, front to back':
    'front leg swing; leg swing; forward leg swing; leg swings forward and back; leg swing f/b; front to back leg swing; forward and back leg swings; leg swings front; leg swings forward; forward backward leg swing; sagittal leg swing; leg swings front and back; linear leg swings; pendulum leg swing',
  'Leg swing, side to side':
    'side leg swing; lateral leg swing; leg swing across the body; leg swings side; cross body leg swing; side to side leg swing; leg swings lateral; leg swings in and out; leg swings across; frontal leg swing; leg swing left and right; leg swings s/s',
  'Leg swing to hand':
    'kick to hand; leg swing to hands; kick to the hand; leg kick to hand; toe to hand kick; swing leg to hand; high kick to hand; leg swings to the opposite hand',
  'Heel flick':
    'heel flicks; standing heel flick; flick the heel back; single leg heel flick; heel flick at the wall; heel flick standing',
  'Straight-leg back reach':
    'standing straight leg kick back; straight leg kick back; straight leg back reach; leg reach back; standing hip extension; straight leg hip extension; standing leg extension back; rear leg reach; leg lift back; standing leg kick back',
  'Back heel swing':
    'heel back swing; back heel swings; heel swing back; swing the heel back; heel to the back swing; backward heel swing',
  Striders: 'strider; long strides; long stride run; stride outs; long running strides',
  'Backward striders':
    'backward strider; backward strides; striding backward; long backward strides; backward run with reach; backward reach run; reach back run',
  // Lunges
  'Walking lunge':
    'lunge walk; walking lunges; lunge; travelling lunge; lunge walks; lunges walking; forward walking lunge; lunges; traveling lunge; lunge forward walking; lunges across the floor',
  'Walking lunge with twist':
    'walking lunge with rotation; lunge and twist walking; walking lunge and twist; lunge with twist; lunge twist walking; walking lunge twist; lunge and twist; travelling lunge with twist; lunge walk with twist; walking twisting lunge; forward lunge with twist; walking lunge and turn; lunge and rotate',
  'Forward lunge':
    'front lunge; alternating forward lunge; step forward lunge; forward step lunge; lunge forward; forward stepping lunge; forward lunge and return; alternating lunge; alternating lunges; step lunge',
  'Reverse lunge':
    'backward lunge; step back lunge; alternating reverse lunge; back lunge; rear lunge; step back lunges; lunge back; reverse lunge step back; lunge backward; stepping back lunge',
  'Overhead reverse lunge':
    'reverse lunge arms overhead; reverse lunge with arms overhead; reverse lunge with overhead reach; overhead backward lunge; backward lunge with overhead reach; step back lunge with overhead reach; reverse lunge with reach up; reverse lunge and reach; reverse lunge with reach; reverse lunge hands overhead',
  'Reverse lunge with turn':
    'reverse lunge with rotation; reverse lunge and twist; backward lunge with turn; reverse lunge with twist; step back lunge with rotation; backward lunge with twist; step back and twist; rear lunge with rotation; lunge back and turn; step back lunge and turn',
  'Lunge, elbow to instep':
    'lizard; lizard lunge; lizard pose; elbow to instep; spiderman lunge; spiderman; spider lunge; lunge with elbow to instep; spiderman stretch; elbow to foot lunge; spiderman crawl; elbow to instep lunge; lunge elbow to floor; elbow to ankle; forearm to instep; walking spiderman; spiderman walk; groiner; groiners',
  'Lunge to hamstring':
    "lunge to hamstring stretch; runner's lunge to hamstring; lunge to straight leg; lunge and straighten; runners lunge to hamstring stretch; lunge hamstring stretch; low lunge to hamstring stretch; hip flexor to hamstring; half split flow; lunge to half split; rock back from lunge",
  'Lateral lunge':
    'side lunge; lateral lunges; side lunges; sideways lunge; lunge to the side; side to side lunge; lateral step lunge; alternating side lunge; lunge sideways; side stepping lunge',
  'Wide-stance lateral squat':
    'cossack squat; side to side squat; lateral squat; cossack; wide stance side to side squat; wide stance lateral squats; cossacks; side squat; adductor squat; groin squat; wide stance side lunge; archer squat; shifting side squat; alternating lateral squat',
  'Long lunge with rotation':
    "world's greatest stretch; worlds greatest stretch; world's greatest; spiderman lunge with reach; greatest stretch; wgs; lunge with thoracic rotation; low lunge with rotation; deep lunge with rotation; spiderman with rotation; lunge with reach to the sky; low lunge twist; lunge and reach up; spiderman lunge with rotation; spiderman and reach; lunge elbow to instep with rotation; runner's lunge with rotation; world's best stretch; lunge and open up; lunge open up; spiderman with reach; lunge with rotation and reach",
  'Hands-raised lunge with reach':
    'lunge with reach hands on a box; lunge with hands on a bench and reach; elevated lunge with reach; raised lunge and reach; hands elevated lunge with rotation; bench lunge with reach; incline lunge with reach; lunge with reach hands on a bench',
  'Long lunge series, four positions':
    'long lunge series; four position lunge; lunge series; four way lunge hold; long lunge hold in four positions; four way lunge series; 4 way lunge; long lunge holds',
  'Cross-body hold with lunge':
    'cross body hold and lunge; lunge with cross body stretch; cross body stretch in a lunge; lunge with shoulder stretch; shoulder stretch in a lunge; cross body shoulder stretch with lunge; lunge with arm across',
  'Triceps hold with side lunge':
    'side lunge with triceps stretch; triceps stretch in a side lunge; lateral lunge with triceps stretch; triceps stretch with side lunge; side lunge and triceps stretch; triceps hold and side lunge',
  'Lateral lunge with reach':
    'lateral lunge and reach; side lunge with reach; side lunge and reach; lateral lunge with floor touch; side lunge touch the foot; lateral lunge reach to foot; side lunge with toe touch; lateral lunge touch',
  'Overhead walking lunge':
    'walking lunge arms overhead; walking lunge with arms overhead; overhead lunge; overhead lunge walk; walking lunge with overhead reach; lunge with overhead reach; walking lunge hands overhead; walking lunge with plate overhead; plate overhead walking lunge; overhead lunges',
  'Split squat':
    'static lunge; stationary lunge; split squats; static split squat; lunge in place; lunge on the spot; split lunge; in place lunge; bodyweight split squat; staggered squat; standing split squat',
  // Hips
  'Glute bridge':
    'bridge pose; bridge; hip bridge; glute bridges; floor bridge; supine bridge; double leg bridge; two leg bridge; hip raise; hip lift; glute raise; hip thrust on the floor; pelvic lift; shoulder bridge; bridging; hip thrust; hip thrusts; bodyweight hip thrust; hip bump bridge',
  'Banded bridge with knee spread':
    'banded glute bridge with abduction; banded bridges knees out; glute bridge with abduction; banded glute bridge; bridge with band abduction; bridge with knees out; banded bridge; mini band bridge; bridge with band; glute bridge with band knees out; banded bridge abduction; bridge with loop band knee spread',
  'Single-leg bridge':
    'single leg glute bridge; single leg hip bridge; one leg glute bridge; single leg hip raise; one leg bridge; single leg hip lift; single leg supine bridge; single leg hip thrust; bridge march; marching bridge; bridge marches; glute bridge march; marching glute bridge; alternating single leg bridge',
  'Bridge with reach':
    'bridge and reach; glute bridge with reach; glute bridge and reach; glute bridge with reach over; bridge with overhead reach; bridge with rotation; bridge with reach across; bridge and reach over; bridge and twist',
  'Frog pump':
    'frog pumps; frog bridge; butterfly bridge; frog glute bridge; frog hip thrust; butterfly glute bridge; froggers',
  'Hamstring walk-out':
    'hamstring walkout; bridge walk-out; bridge walk-outs; glute bridge walkout; heel walk outs; bridge heel walks; hamstring bridge walk out; glute bridge walk out; walk outs from a bridge; bridge walk',
  Clamshell: 'clam; clams; clam shell; side lying clam; clamshells; side lying clamshell; clam opener; lying clam',
  'Side-lying leg lift':
    'side lying leg raise; side lying hip abduction; lying hip abduction; side lying leg lifts; side leg lift lying; side leg raise on the floor; side lying abduction; lying side leg raise; lying leg lift to the side',
  'Standing kickback':
    'standing glute kickback; glute kickback; kickback; standing kickbacks; standing glute kickback with band; band kickback; banded kickback; kickbacks; leg kickback; standing band kickback; standing hip extension with band; cable style kickback; kickbacks with band',
  'Standing hip abduction':
    'hip abduction; standing abduction; banded standing abduction; standing side leg raise; side leg raise standing; standing leg abduction; banded hip abduction; standing side leg lift; band hip abduction; side leg lift standing; standing band abduction; side leg raises; leg raise to the side',
  'Lateral band walk':
    'lateral band walks; band side step; banded side step; loop band lateral walk; x-walk; x walk; band walk; crab walk with band; banded lateral walk; side steps with a band; band shuffle; banded shuffle; side band walk; band crab walk; lateral band step; side stepping with band; sideways band walk; mini band side step; loop band walk; loop band side steps; banded crab walk; lateral walk with loop band; band walk sideways',
  'Monster walk':
    'monster walks; banded monster walk; monster walk forward; forward monster walk; forward band walk; zigzag band walk; diagonal band walk; loop band monster walk; monster walks forward; monster walk with band; band walk forward',
  'Side monster walk':
    'lateral monster walk; sideways monster walk; monster walk sideways; monster walk lateral; side monster; monster walk side to side; lateral monster band walk',
  'Lateral squat walk':
    'sideways squat walk; squat side walk; side squat walk; lateral squat steps; squat side steps; squat walk sideways; squat step to the side; low side steps; lateral squat step; squat sidestep; side step squat; lateral walking squat',
  'Fire hydrant':
    'hydrant; fire hydrants; quadruped hip abduction; all fours hip abduction; kneeling leg lift to the side; quadruped side leg lift; doggy leg lift; bent knee side lift',
  'Donkey kick':
    'quadruped kickback; donkey kicks; kneeling kickback; all fours kickback; quadruped glute kickback; kneeling glute kickback; bent knee kickback; quadruped hip extension; donkey kickback; kickback on all fours; mule kick',
  'Standing hamstring curl':
    'hamstring curl; standing leg curl; leg curl; standing hamstring curls; heel to seat curl; bodyweight hamstring curl; standing knee curl; alternating hamstring curls',
  'Squat walk':
    'duck walk; low walk; walking squat; squat walk forward; crouch walk; forward squat walk; low squat walk; duck walks; sumo walk; squatting walk',
  'Hip airplane, assisted':
    'hip airplane; assisted hip airplane; hip airplane with support; supported hip airplane; hip aeroplane; hip airplanes holding on; airplane; airplanes; aeroplanes',
  'Calf raise':
    'heel raise; standing calf raise; calf raises; calf lower; eccentric calf raise; heel lift; toe rise; standing heel raise; double leg calf raise; calf lifts; two leg calf raise; rise on to toes; up on toes',
  'Seated quad lift':
    'seated knee extension; leg extension seated; seated leg extension; seated leg lift; chair leg extension; seated straight leg raise; seated leg raise; seated knee straightening; sitting knee extension; leg extension',
  'Quad set':
    'quad squeeze; quad sets; quad contraction; thigh squeeze; quad isometric; quad tense; quad activation; tighten the quad; static quads',
  'Wall sit':
    'wall squat; wall sit hold; wall sits; wall squat hold; chair hold at the wall; sit at the wall; wall chair; isometric wall squat',
  'Single-leg stand':
    'single leg balance; stand on one leg; balance on one leg; one leg stand; single leg hold; one leg balance; single leg stance; stork stand; standing on one leg; single leg standing; flamingo; one leg standing; tree pose; tree',
  'Glute squeeze, standing':
    'glute squeeze; standing glute squeeze; glute squeezes; squeeze the glutes; standing glute set; glute set; butt squeeze; glute contraction; standing butt squeeze; glute clench',
  'Standing hip hitch':
    'hip hike; hip hitch; pelvic drop; hip drops on a step; hip hikes; standing hip hike; pelvic hike; hip hitches; pelvic hitch; hip drop',
  'Side step and squeeze':
    'side step with squeeze; side steps and squeeze; step out and squeeze; side step squeeze; step and squeeze; side step glute squeeze',
  'Heel raise with a squeeze':
    'calf raise with ball squeeze; heel raise squeezing a ball; heel raise with ball; calf raise squeeze; calf raise with a squeeze; heel raise with ball between heels; calf raises ball between ankles; heel raise with ball squeeze; calf raise with ball between the ankles',
  'Quarter squat pulses':
    'squat pulse; pulse squat; quarter squat pulse; mini squat pulses; quarter squat; mini squat; small squats; half squat pulses; pulsing squat; squat pulses; mini squats; partial squats',
  // Trunk
  'Mountain climber':
    'mountain climbers; climber; climbers; running plank; plank run; mountain climb; plank knee drives; plank knee drive; plank running; knee drives in plank',
  'Bird dog':
    'bird dogs; birddog; quadruped opposite arm and leg; opposite arm and leg; opposite arm opposite leg; pointer dog; quadruped arm and leg raise; opposite arm and leg reach; all fours opposite arm and leg; quadruped arm leg extension; opposite arm leg raise; alternating bird dog; pointers',
  'Dead bug':
    'dead bugs; deadbug; dying bug; supine opposite arm and leg; alternating dead bug; deadbugs; supine arm and leg lower; dead bug opposite arm and leg',
  'Front plank':
    'plank; forearm plank; elbow plank; front plank hold; plank hold; low plank; planks; prone plank; front bridge; static plank; straight plank; hover; prone hold; full plank; high plank; straight arm plank',
  'Side plank':
    'side planks; side bridge; forearm side plank; lateral plank; side plank hold; side hover; elbow side plank',
  'Plank shoulder tap':
    'shoulder tap; plank shoulder taps; shoulder taps in plank; shoulder taps; plank taps; plank with shoulder taps; high plank shoulder tap; push-up position shoulder taps; plank tap',
  'Prone arm and leg lift':
    'locust; locust hold; locust pose; superman; supermans; prone superman; supermen; back extension; back raise; prone back extension; superman lift; superman hold; prone arm and leg raise; back extensions; lying superman',
  'Alternating prone lift':
    'alternating superman; swimmer; swimmers on the floor; alternating supermans; swimmers; opposite arm and leg superman; prone swimmer; prone opposite arm and leg; alternating back extension; prone opposite arm and leg lift; floor swimmers',
  'Standing knee hold':
    'knee hold; standing knee lift hold; knee lift and hold; standing knee raise hold; high knee hold; standing hip flexion hold; knee raise hold; standing march hold; march and hold; psoas hold',
  'Standing trunk brace':
    'trunk brace; standing brace; ab brace; abdominal brace; bracing; brace; standing ab brace; core brace; standing core brace; bracing drill; abdominal bracing',
  'Bear hold':
    'bear plank; bear position hold; hovering all fours hold; hovering all fours; quadruped hover; bear hover; beast hold; bear; all fours hover; hover on all fours; knees off the floor hold; bear hold on the spot; bear crawl hold',
  // Pulls and pushes
  'Band pull-apart, overhand':
    'band pull-apart; pull-apart; overhand pull-apart; band pull aparts overhand; pull aparts; palms down pull apart; banded pull apart; resistance band pull apart; bpa; pull aparts palms down',
  'Band pull-apart, underhand':
    'underhand band pull apart; underhand pull-apart; palms up pull apart; palms up band pull apart; supinated pull apart; pull aparts palms up; supinated band pull aparts; reverse grip pull apart',
  'Band pull-apart, diagonal':
    'diagonal band pull apart; diagonal pull-apart; diagonal pull aparts; band diagonals; cross body pull apart; diagonal band pulls; diagonals with a band',
  'Band external rotation':
    'no money; no moneys; no-money drill; external rotation with band; external rotation; banded external rotation; shoulder external rotation; rotator cuff external rotation; band shoulder external rotation; band er; external rotations; cuff external rotation; rotator cuff with band; band external rotations at the side; external rotation pull; shoulder external rotation with band',
  'Band press-out overhead':
    'banded overhead press; band overhead press; overhead band press out; band press out; band shoulder press; overhead press with band; banded shoulder press; band overhead press out',
  'Band pull-over':
    'banded pullover; pullover; band pullover; straight arm band pulldown; straight arm pulldown; band straight arm pulldown; pullovers with a band; pull over with band; banded pull over; resistance band pullover',
  'Band row, bent over':
    'band row; bent over band row; banded row; band bent over row; resistance band row; rows with a band; banded bent over row; bent over row with band; bent over rows; band rows',
  'Anti-rotation press':
    'anti rotation band press; band anti rotation press; anti rotation hold; press out anti rotation; band press out anti rotation; pallof press; pallof; pallof presses; band pallof press; palloff press; paloff press; standing pallof',
  'One-arm carry':
    'suitcase carry; single arm carry; single arm farmers carry; one arm farmers carry; one hand carry; farmers carry one side; suitcase walk; suitcase hold walk; single side carry; farmer carry; farmers walk; one-sided carry; farmers carry; loaded carry',
  'Incline push-up':
    'push ups on a bench; hands elevated push-up; bench push-up; raised push-up; elevated push-up; push-up hands on bench; incline press up; push-ups hands on a box; box push-up; push ups with hands on a bench; counter push-up; push-up on a bench; table push-up',
  'B-skip': 'b skip; b-skips; B skip drill',
  'Box step': 'v-step; v step; easy walk step; box step aerobic; jazz square',
  'Heel digs': 'heel dig; heel taps in front; heel touches in front',
  'Happy baby': 'happy baby pose; happy baby stretch; dead bug stretch',
  'Seated twist':
    'seated spinal twist; seated twist stretch; sitting twist; seated rotation stretch; seated trunk twist stretch; seated spine twist; spine twist seated; spine twist',
  'Hurdler stretch':
    'hurdler; hurdlers stretch; modified hurdler stretch; half straddle stretch; seated single-leg hamstring stretch',
  'Elephant walk': 'elephant walks; elephant stretch; hands-down knee bends',
  'Crab walk': 'crab walks; crab crawl; reverse bear crawl; face-up crawl',
  'Sit-up': 'sit-ups; situp; situps; full sit-up; roll-up to sitting',
  'Bicycle crunch': 'bicycle crunches; bicycles; bicycle sit-up; cycling crunch',
  'Flutter kick': 'flutter kicks; scissor kicks; lying flutter kick',
  'Pelvic tilt': 'pelvic tilts; pelvic clock; pelvic clocks; pelvic rock; pelvic rocks; low back press',
  'Plank up-down':
    'plank up-downs; up-down plank; commando; commandos; commando plank; plank to forearm plank; walking plank up and down',
  'Hip escape': 'hip escapes; shrimp; shrimping; shrimps',
  'Side throw to a wall':
    'side throw; side throws; rotational throw; rotational throws; med ball rotational throw; medicine ball rotational throw; medicine ball side throw; rotational ball throw; scoop toss',
  'Wall ball': 'wall balls; wall ball shot; wall ball shots; wall ball throw; squat and throw',
  'Drop jump': 'drop jumps; depth jump; depth jumps; drop and jump; box drop jump',
  'Dead hang': 'dead hangs; bar hang; hang from the bar; hanging; passive hang; active hang',
  'Scapular pull':
    'scap pull-up; scap pull-ups; scap pull; scap pulls; scapular pull-up; hanging scapular pull; shoulder-blade pull-up',
  'Pull-up': 'pull-ups; chin-up; chin-ups; pullup; assisted pull-up; banded pull-up',
  'Inverted row':
    'inverted rows; ring row; ring rows; body-weight row; bodyweight rows; australian pull-up; suspension row',
  'Warrior lunge':
    'warrior; warrior pose; warrior one; warrior two; warrior i; warrior ii; crescent lunge; high lunge hold',
  'Fist push-up': 'fist push-ups; push-up on fists; push-ups on the fists; knuckle push-up; knuckle push-ups',
  'Push-up':
    'push ups; press up; full push-up; floor push-up; bodyweight push-up; standard push-up; strict push-up; regular push-up',
  'Ball push-up':
    'push ups with hands on a ball; medicine ball push-up; push-up on the ball; push ups on a medicine ball; med ball push-up; push-up with hands on a medicine ball; stability ball push-up',
  'Wall push':
    'wall push-up; wall press; wall push ups; wall press up; push-up at the wall; wall presses; push ups against the wall; standing wall push-up; push-up on the wall; push ups on the wall',
  'Shoulder-blade push-up':
    'scap push-up; scapular push-up; serratus push-up; push-up plus; shoulder blade press up; scapula push-up; scap press up; push up plus; scapular pushes; shoulder blade pushes',
  'Standing Y, T and W raises':
    'ytw; ytws; y t w raises; y t w; yt w raises; ys ts ws; i y t; is ys ts; ityw; y t raises; bent over ytw; ys ts and ws; ytw raise; w y t raises; y raises; t raises; standing ytw; iytw; i y t w; is ys and ts',
  'Towel pull, no towel':
    'isometric pull-apart; towel pull; towel pulls without a towel; imaginary towel pull; air towel pull; towel pull apart; pretend towel pull; iso pull apart',
  'Partner hamstring lower':
    'nordic; nordic lower; nordics; nordic curl; nordic hamstring; partner nordic; nordics with a partner; nordic hamstring curl; partner hamstring lowers; nordic hamstring lower; kneeling hamstring lower; natural hamstring lower; eccentric hamstring lower; partner nordics',
  'Shoulder-blade squeeze':
    'scap squeeze; scapular retraction; shoulder blade squeezes; scapular squeeze; shoulder blade pinch; scap retraction; shoulder blade retraction; squeeze the shoulder blades; pinch the shoulder blades; blade squeezes; shoulder blades together; scap pinch',
  // Patterns
  'Chair squat':
    'sit to stand; chair squats; box squat to a chair; sit to stands; box squat; squat to a chair; squat to chair; chair stands; chair stand; sit and stand; chair sit to stand; chair rises; squat to a box; bench squat; box squats; squat to a bench; chair sits',
  'Body-weight squat':
    'squat; air squat; bodyweight squat; free squat; squats; regular squat; no weight squat; unloaded squat; basic squat; deep squat; full squat',
  'Prisoner squat':
    'squats hands behind the head; prisoner squats; squat with hands behind the head; squat hands behind head; hands behind head squat; hostage squat; squat fingers on temples',
  'Reach squat with plate':
    'plate reach squat; plate squat; squat with plate reach; squat with plate; counterbalance squat; plate counterbalance squat; squat with plate in front; front plate squat; counter balance squat; squat and reach with plate',
  'Goblet squat with band':
    'goblet squat with loop band; goblet squat with mini band; banded goblet squat; band goblet squat; goblet squat band round the knees; mini band goblet squat; goblet squat banded',
  'Overhead squat':
    'overhead squats; ohs; squat with stick overhead; oh squat; overhead squat with stick; stick overhead squat; dowel overhead squat; overhead stick squat; squat arms overhead; overhead squat with dowel; squat with arms overhead; broomstick overhead squat',
  'Squat to stand':
    'toe touch to squat; toe touch squat; squat to stands; sumo squat to stand; hamstring squat to stand; squat to hamstring stretch; toe grab squat; squat stands; hold toes squat; toe touch into squat; squat to hamstring; hold the toes squat to stand; squat to toe touch; bootstrapper; bootstrappers; boot strapper',
  'Deep squat hold':
    'squat hold; deep squat sit; squat sit; resting squat; bottom squat hold; hold the bottom of a squat; prying squat; squat hold at the bottom; deep squat stretch; sit in a deep squat; sit in a squat; hold a deep squat; hold a squat; held squat; bodyweight squat hold; air squat hold; isometric squat; squat iso hold; full squat hold; paused squat hold; low squat hold; squat and hold; squat prying',
  'Deep squat with rotation':
    'squat with thoracic rotation; deep squat rotation; squat with rotation; squat and rotate; deep squat with reach; deep squat and reach; low squat with rotation; squat and reach to the ceiling; squat hold with rotation; squat and twist; deep squat twist; deep squat thoracic rotation; squat with overhead rotation; prying squat with rotation',
  'Squat on half-dome':
    'half dome squat; squats on the half dome; half ball squat; balance dome squat; squat on the dome; squat on a half ball; dome squat; squat on the balance trainer',
  'Hip hinge reach':
    'hip hinge; hip hinge with reach; hinge; bodyweight hinge; hinge and reach; hinges; bodyweight romanian deadlift; romanian deadlift; bodyweight deadlift; hip hinges; standing hinge; hinge reach; bodyweight rdl; hip hinge arms forward; air deadlift; deadlift pattern',
  'Stick hinge':
    'rdl with stick; stick rdl; dowel rdl; romanian deadlift with a stick; hamstring hinge with stick; hinge with a stick; dowel hinge; hip hinge with stick; stick hip hinge; hip hinge with dowel; broomstick hinge; dowel hip hinge; stick behind the back hinge; hinge with dowel; broomstick hip hinge',
  'Sumo squat':
    'wide squat; wide stance squat; plie squat; sumo squats; plie; wide leg squat; wide legged squat; bodyweight sumo squat; wide bodyweight squat; horse stance squat; wide feet squat; ballet squat',
  'Inchworm with hip drop':
    'inchworm with cobra; inchworm to cobra; inchworm hip drop; inchworm to up dog; inchworm to upward dog; walkout with hip drop; walk out and hip drop; walkout to cobra; inchworm cobra; inchworm and hip drop; inchworm with hips down; inchworm hip dip',
  Inchworm:
    'walk-out; hand walkout; plank walkout; inch worm; walk out; walkout to plank; hand walk; caterpillar; walkouts; walk out to plank; hand walk out; hand walk-outs; plank walk out; caterpillar walk; standing walkout; inchworm walk',
  'Inchworm with push-up':
    'inchworm and push-up; walkout to push-up; walk out with push-up; inchworm push-up; walk out push-up; inchworm to push-up; hand walkout with push-up; walkout and push-up; walkout with push-up; inchworm into push-up',
  'Step-up with knee drive':
    'step-ups to knee drive; step up and knee drive; step-up knee drive; step up to knee drive; step-up with high knee; step up with knee lift; step up and drive the knee; box step up with knee drive; step up to balance; knee drive step up; step-up and knee lift',
  'Forward crawl':
    'bear crawl; bear crawl forward; forward bear crawl; bear crawls; bear walk; crawl; crawling; all fours crawl; crawls forward; quadruped crawl; baby bear crawl; leopard crawl',
  'Lateral crawl':
    'lateral bear crawl; side crawl; bear crawl sideways; side bear crawl; lateral bear walk; crab crawl sideways; sideways crawl; sideways bear crawl; bear crawl lateral; lateral crawls',
  'Skip to lunge': 'skip and lunge; skips into lunge; skip into lunge; skip then lunge; skip skip lunge; skip lunge',
  'Push-up with knee drive':
    'push up and knee drive; push-up knee drive; spiderman push-up; push-up with knee to elbow; push up to knee drive; push-up with knee tuck; push up with spiderman; push up and mountain climber; knee drive push-up; push-up knee to elbow',
  'Good-morning bow':
    'good morning; bodyweight good morning; good mornings; goodmorning; standing bow; bow; hands behind head good morning; good morning hinge; waiter bow; bows; standing good morning',
  'Squat and press':
    'squat to press; thruster no weight; squat press; squat and overhead press; thruster; squat to overhead press; squat with press; squat and reach overhead; squat to overhead reach; air thruster; bodyweight thruster; squat and reach up; squat and reach; squat to reach; squat with overhead reach',
  'Wood-chop reach':
    'wood chop; woodchop; woodchopper; wood choppers; wood chops; chop; diagonal chop; standing wood chop; chops; chopper; woodchoppers; low to high chop; high to low chop; chop and lift',
  'Step, reach and turn':
    'step and reach with a turn; step reach turn; step and turn with reach; step reach and rotate; step reach rotate; step and reach; step out reach and turn; step and rotate; step and turn',
  // Fast work
  'Squat jump':
    'jump squat; vertical jump; squat jumps; countermovement jump; jumping squat; squat to jump; jump up; bodyweight squat jump; jump squats; cmj; vertical jumps; bodyweight jump squat; vertical leap; squat and jump',
  'Split jump':
    'jump lunge; lunge jump; split squat jump; scissor jump; jumping lunge; split jumps; switch lunge jump; jump split lunge; alternating split jump; split lunge jump; scissor lunge jump; lunge switch jumps; switch jumps; alternating lunge jump; jumping split squat; scissor jumps',
  'Forward jump and stick':
    'broad jump; jump and stick; standing long jump; standing long jump and hold; broad jump and stick; standing broad jump; long jump and stick; forward jump; forward jump and hold; broad jump with stick; broad jump to stick; jump forward and stick; broad jumps and hold; two foot jump and stick; stick landing jump; jump and land',
  'Line hops, two feet':
    'lateral hops over a line; lateral hops over line; side-to-side hops over a line; line hops; two foot line hops; hops over a line; line jumps; side to side line hops; double leg line hops; lateral line hops; hop over the line; two feet line hops; side to side hops; lateral hops; two foot hops; line jump side to side; front to back line hops; ski hops; double leg hops',
  'Single-leg hops':
    'single leg hop; one leg hop; hops on one leg; single leg hopping; hop; single leg line hop; hopping; hops single leg; single leg bounce; hop on one leg; hops; single leg hop in place',
  Bounding:
    'bound; power bounds; bounds; alternate leg bounds; bounding run; leaping run; bounds alternating; alternating bounds; leap run; running bounds; bound for distance',
  'Skip for height': 'skips for height; high skip; skipping for height; height skip; skips high; high skips; skip high',
  'Skip for distance':
    'skips for distance; long skip; skipping for distance; distance skip; skips long; long skips; skip long',
  'Power skip':
    'power skips; explosive skip; strong skip; powerful skip; power skipping; skip for power; explosive skips',
  'Build-up run':
    'strides; build-up; build ups; build up runs; buildups; stride; build-up sprint; run-throughs; run through; build up sprints; gradual sprints; strides running; build up stride; tempo strides; stride run',
  'Graded sprints':
    'graded sprint; building sprints; sprints; sprint; progressive sprints; sprints building; sprints increasing; build sprints; sprint builds; increasing sprints; progressive sprint; graded runs; percentage sprints; short sprints',
  Accelerations:
    'acceleration; acceleration runs; accelerate; short accelerations; starts; falling starts; sprint starts; acceleration sprint; acceleration starts; burst runs; accels; explosive starts; fall starts; standing starts',
  'Hip turns':
    'hip turn; quick hip turns; hip switch; hip flip; hip twists fast; jump hip turns; hip switches; quick hip turn; hip twist jumps; hip rotations fast; fast hip turns; rapid hip turns; hop twists; twist hops',
  'Cut and go':
    'mirror drill; t-drill; t drill; change of direction drill; cut and sprint; cuts; change of direction; plant and cut; cut; cuts and go; cut drill; change of direction cuts; plant and go; cutting; zig zag cuts; cutting drill',
  'Kettlebell swing':
    'swing with kettlebell; kettlebell swings; russian swing; two hand kettlebell swing; two arm kettlebell swing; hip hinge swing; swing; two-handed swing; swings',
  'Ball slam':
    'medicine ball slam; slam; slam ball; ball slams; overhead slam; slams; overhead ball slam; med ball slam overhead; overhead medicine ball slam',
  'Ramp-up sets':
    'ramp up sets; warm-up sets; ramping sets; build-up sets; build up to working weight; barbell warm-up sets; warmup sets; ramp sets; ramp up; lead-in sets',
  'Quick step-back starts':
    'step back start; quick step back start; step back starts; drop step start; drop step; step back and go; quick drop step; step back sprint; drop steps; false step start',
  'Snap-down':
    'snap down; snapdowns; drop squat; snap downs; drop to squat; quick drop; drop and stick; drop squats; snap to squat; drop landing; squat drop; drop to landing; depth drop on the spot',
  'Lateral bound and stick':
    'skater; skater jump; lateral bound; lateral bounds and stick; skater hop; skaters; speed skater; side bound; ice skater; lateral jump and stick; lateral leap; skater bound; lateral hop and stick; side to side bound; skater hops; side bounds and stick; lateral skater; skate jumps; side to side bounds; lateral bound to stick',
  'Quick punches':
    'fast punches; speed punches; rapid punches; quick punch; punch flurry; speed bag punches; flurry; fast hands; rapid fire punches; fast straight punches',
  'Seated sprint arms':
    'arm action; sprint arms; arm drive; sprint arm action; sprint arms sitting; seated arm sprint; sprint arms; seated running arms; seated arm drive; running arms seated; arm sprints; seated arm swing; seated arm pumps; seated run arms',
  'Clap and catch reactions':
    'clap and catch; reaction catch; reaction catches; clap catch; clap reactions; reaction drill; reaction ball catch; reaction game; reaction clap',
  'Power knee drive':
    'wall drive; wall drives; wall drill; knee drive; power knee drives; explosive knee drive; knee drives; high knee drive; standing knee drive; explosive knee drives; fast knee drive; single leg knee drive; knee punch; knee drive from standing',
  'Tuck jump': 'tuck jumps; knees to chest jump; knee tuck jump; tucked jump; jump knees up',
  'Box jump':
    'box jumps; jump onto a box; jumps onto the box; box hop; plyo box jump; jump on to a box; step jump; jump up on a box',
  'Hollow hold': 'hollow body hold; hollow body; hollow; hollow holds; dish hold; hollow position; dish; banana hold',
  'Russian twist':
    'russian twists; seated trunk twist with a lean; v-sit twist; seated rotation crunch; leaning seated twist',
  'Plank jack': 'plank jacks; plank jumping jack; jumping jack plank; jacks in plank; jack plank',
  'Prone press-up':
    'swan; cobra; cobra stretch; cobra pose; sphinx; sphinx pose; prone push-up; prone extension; press-up back extension; upward dog; upward facing dog; up dog; baby cobra; abdominal stretch; lying back extension; cobra press up; cobra press ups; cobra push up; cobra push ups',
  'Butterfly stretch':
    'butterfly; butterflies; seated butterfly; seated groin stretch; groin stretch soles together; cobbler pose; bound angle; seated adductor stretch; butterfly pose; butterfly groin stretch',
  'Straddle reach':
    'straddle stretch; straddle; seated straddle; wide-leg forward fold seated; pancake; pancake stretch; straddle sit; seated wide leg stretch; seated straddle stretch; wide leg sit; box split sit',
  'Curtsy lunge':
    'curtsy lunges; curtsey lunge; curtsey; curtsy; crossover lunge; cross behind lunge; curtsy step; bowler squat',
  'Kettlebell deadlift':
    'kb deadlift; kettlebell deadlifts; deadlift; deadlifts; light deadlift; deadlift with a kettlebell; kettlebell rdl; dumbbell deadlift; weighted hinge; light bar deadlift; empty bar deadlift; bar deadlift; barbell deadlift light; deadlift with the bar',
  Burpee: 'burpees; sprawl burpee; full burpee; burpee with jump; squat thrust with jump; squat thrust jump',
  'Band face pull':
    'face pull; face pulls; banded face pull; face pulls with a band; band face pulls; high band row; band pull to the face',
  'Weight halo':
    'around the world; around the worlds; plate around the world; halo; halos; kettlebell halo; kb halo; plate halo; halo with a plate; ball halo; kettlebell halos; around the head; halo round the head; plate around the head; plate halos',
  'Overhead carry':
    'overhead walk; waiter carry; waiters carry; waiter walk; waiters walk; overhead kettlebell carry; overhead carries; single arm overhead carry; overhead farmers walk; overhead kettlebell walk; oh carry',
  'Shuttle run':
    'shuttle runs; shuttles; shuttle; there and back runs; line runs; shuttle sprints; run and turn; pendulum run; short shuttles',
  // Feet, balance, kicks and running drills
  'Heel-to-toe walk':
    'tandem walk; tightrope walk; heel toe walk along a line; line walk; walk the line; walking heel to toe; beam walk; heel to toe walk along the line',
  'Foot doming':
    'short foot; toe yoga; towel scrunches; toe scrunches; toe curls; arch lifts; foot arch lift; toe spreads; toe splay; big toe lifts; foot core',
  'Standing leg circle':
    'hip cars; standing hip cars; hip controlled circles; leg circles; standing leg circles; controlled hip rotations; standing hip controlled rotation; leg circle',
  'Hip circle on all fours':
    'quadruped hip circle; quadruped hip circles; all fours hip circles; hip circles on all fours; quadruped hip cars; hip cars on all fours; hydrant circles; fire hydrant circles; hands and knees hip circles',
  'Side plank, top foot on a bench':
    'copenhagen plank; copenhagen; copenhagen side plank; adductor plank; copenhagens; groin plank',
  'Lying groin squeeze':
    'adductor squeeze; ball squeeze; groin squeeze; adductor ball squeeze; knee squeeze; adductor squeezes lying; ball squeeze between the knees; squeeze a ball between the knees; adductor isometric; squeeze the ball; adductor squeeze with a ball',
  'Prone Y, T and W raises':
    'prone y raise; prone t raise; prone w raise; prone ytw; prone y t w; face down y t w; prone yt; lying y t w raises; floor y t w; prone i y t; prone t; prone y; prone w; floor t raise; floor y raise',
  'Wrist rocks on all fours':
    'wrist rock; wrist rocks; quadruped wrist rock; wrist rocking; wrist rock back; wrist mobility on all fours; rock over the wrists; wrist stretch on all fours; wrist push back',
  'Bent-over row with a weight':
    'dumbbell row; dumbbell rows; single arm row; one arm row; single arm dumbbell row; kettlebell row; dumbbell bent over row; barbell row; empty bar row; row with dumbbell; one arm dumbbell row; db row; kb row',
  'Overhead press, light':
    'overhead press; shoulder press; dumbbell press; dumbbell shoulder press; military press; strict press; kettlebell press; barbell press; empty bar press; press overhead light; light overhead press; overhead press empty bar; db shoulder press; press with the bar',
  'Ankle dribbles': 'ankling; dribbles; dribble; ankle dribble; dribble run; dribbling run; ankle run; low dribbles',
  'Straight-leg run':
    'straight leg bound; straight leg bounds; straight leg bounding; straight leg runs; straight leg scissor; scissor run; stiff leg run; stiff leg bounds; straight leg shuffle',
  'Backward skip':
    'backward skips; backwards skip; skip backward; skipping backward; skipping backwards; backward skipping; reverse skip; back skip',
  'Front kick':
    'front kicks; push kick; teep; teeps; snap kick; snap kicks; front snap kick; karate kick; kick forward',
  'Roundhouse kick':
    'roundhouse; roundhouses; round kick; round kicks; turning kick; turning kicks; slow roundhouse; roundhouse kicks',
  'Knee strikes': 'knee strike; kickboxing knees; muay thai knees; power knees; standing knee strike',
  'Arm hugs': 'hug yourself; give yourself a hug; hug and open',
};

/** What coaches call a rung of a drill: "drill > rung". */
export const RUNG_NAMES: Readonly<Record<string, string>> = {
  'Drop jump > step off and stick': 'depth drop; step off and land',
  'Ball slam > ball chest pass to a wall':
    'med ball chest pass; chest pass; medicine ball chest pass; medicine ball chest throw; med ball chest throw; chest throw; chest pass against the wall; chest pass to the wall',
  'Forearm and wrist hold > sitting, palms together':
    'wrist prayer stretch; prayer stretch for the wrists; wrist prayer',
  'Skipping rope > double unders': 'double under; double-unders; doubles',
  'Bridge with reach > from sitting, hand behind': 'crab reach; crab reaches',
  'Side-to-side knee drops > legs lifted': 'iron cross; iron cross stretch',
  'Cat-cow > sitting': 'seated cat-cow; chair cat-cow; cat-cow in a chair; sitting cat cow',
  'Cat-cow > standing, hands on thighs': 'standing cat-cow; standing cat camel; cat-cow standing',
  'Fist push-up > knees down': 'kneeling fist push-up; fist push-up from the knees',
  'Cat-cow > on the forearms': 'forearm cat-cow; cat-cow from the elbows',
  'Bird dog > on the forearms, leg only': 'forearm bird dog',
  'Fire hydrant > on the forearms': 'forearm fire hydrant',
  'Donkey kick > on the forearms': 'forearm donkey kick; donkey kick from the elbows',
  'Thread the needle > on the forearms': 'forearm thread the needle',
  'Push-up > knees down':
    'knee push-up; push-up on knees; kneeling push-up; modified push-up; push-ups from the knees; half push-up; knees down push-up',
  'Push-up > feet raised': 'feet elevated push-up; decline push-up; push-up feet on a bench; feet on a box push-up',
  'Front plank > knees down':
    'knee plank; plank on knees; kneeling plank; plank from the knees; half plank; modified plank',
  'Front plank > forearms on a bench':
    'incline plank; bench plank; elevated plank; plank on a bench; hands elevated plank',
  'Side plank > knees down':
    'side plank from the knees; knee side plank; kneeling side plank; side plank on knees; modified side plank; side plank knee down; half side plank',
  'Side plank > top leg lifted':
    'star side plank; side plank with leg lift; side plank leg raise; side plank with leg raise',
  'Glute bridge > loop band': 'glute bridge with loop band; glute bridge with a loop band around the knees',
  'Clamshell > loop band':
    'banded clam; banded clamshell; clam with band; clamshell with band; mini band clam; clam with loop band; band clamshell',
  'Side-lying leg lift > loop band':
    'banded side lying leg raise; side lying leg lift with band; banded side lying leg lift',
  'Calf raise > one leg': 'single leg calf raise; single leg heel raise; one leg calf raise; single leg calf lift',
  'Calf raise > seated': 'seated calf raise; seated heel raise; chair calf raise',
  'Body-weight squat > goblet hold':
    'goblet squat; goblet squats; kettlebell goblet squat; dumbbell goblet squat; goblet hold squat',
  'Body-weight squat > shallow': 'half squat; shallow squat; half depth squat; half squats',
  'Squat to stand > reach up from the bottom':
    'squat to stand with reach; squat to stand with overhead reach; squat to stand and reach',
  'March on the spot > knees higher, quicker':
    'high knee march; high knees march; marching high knees; high knee marching; march knees high',
  'March on the spot > seated march': 'seated marching in place',
  'A-skip > A-march': 'a-march; a march; marching a-skip; a marches',
  'High knees > march, knees up': 'marching high knees walking; high knee walk; high knees walking; walking high knees',
  'Butt kicks > hamstring curl march':
    'walking butt kicks; butt kick walk; hamstring curl walk; walking hamstring curls',
  'Carioca > walking grapevine': 'walking carioca; walking grapevine; grapevine walk; slow grapevine; carioca walk',
  'Backpedal > walk backward':
    'backward walk; walk backward; walking backward; retro walk; backward walking; walk backwards',
  'Side shuffle > side steps':
    'side step; side stepping; lateral steps; step sideways; lateral step; walk sideways; side steps; lateral stepping; sidestep; sidesteps',
  'Arm circles > with a stick': 'stick arm circles; arm circles with a stick',
  'Step-ups > lower step, hold a rail': 'low step-ups holding a rail; assisted step-up; supported step-up',
  'Hip hinge reach > one leg':
    'single leg hip hinge; single leg hinge reach; one leg hinge; standing single leg deadlift on the spot; single leg hip hinge with reach; warriorthree; warrior three; warrior iii',
  'Front plank > shoulder taps': 'front plank with shoulder taps',
  'Split squat > rear foot raised':
    'rear foot elevated split squat; bulgarian split squat; rfess; bulgarian; rear foot raised split squat; rear foot elevated split squats',
  'Split squat > hold a chair':
    'assisted split squat; supported split squat; split squat holding on; split squat with support',
  'Lateral band walk > band at the ankles':
    'lateral band walk band at ankles; ankle band walk; band walk ankles; lateral walk band around ankles',
  'Lateral band walk > band above the knees':
    'lateral band walk band above knees; lateral walk band above the knees; band side steps above the knees',
  'Dead bug > heels down, slide':
    'heel slides; dead bug heel slide; supine heel slide; dead bug with heel slides; heel slide; dead bug heel taps; heel taps lying',
  'Bird dog > leg only':
    'bird dog leg only; quadruped leg extension; quadruped leg reach; bird dog legs only; quadruped leg raise; all fours leg extension',
  'Inchworm > bend the knees, shorter': 'bent knee inchworm; short inchworm; inchworm with bent knees',
  'Pogo hops > one leg': 'single leg pogo hops; one leg pogo; single leg ankle hops; one leg pogos',
  'Leg swing, front to back > both hands on a wall':
    'wall leg swing front to back; leg swing front to back hands on wall',
  'Leg swing, front to back > free-standing': 'free standing leg swing; unsupported leg swing; leg swings no hands',
  'Chair squat > push up with the hands':
    'assisted sit to stand; sit to stand with hands; sit to stand using hands; assisted chair stand',
  'Jumping jack > squat between': 'squat jack; jack with squat; jumping jack squat; jack squats; plyo jack; power jack',
  'Forward crawl > on the spot': 'bear crawl on the spot; bear crawl in place; stationary bear crawl; bear march',
  'Downward dog > pedal the heels':
    'down dog pedals; pedal the dog; down dog pedal; downward dog with pedalling; walk the dog; downdog calf pedals; down dog calf pedals; downward dog pedal; downward dog calf pumps',
  'Thread the needle > hand behind the head':
    'quadruped rotation hand behind head; quadruped thoracic rotation hand behind the head; thoracic rotation hand behind head on all fours',
  'Single-leg hinge walk > toe of the back foot down':
    'kickstand romanian deadlift; b-stance romanian deadlift; kickstand hinge; kickstand deadlift; staggered stance romanian deadlift',
  'Burpee > step back, no jump':
    'step back burpee; up down; up downs; no-jump burpee; low impact burpee; walk out burpee; half burpee; squat thrust; squat thrusts; burpee no jump; stepped burpee; no jump burpees; sprawl; sprawls',
  'Burpee > push-up at the bottom': 'burpee with push-up; push-up burpee; burpee with a press-up',
  'Burpee > hands on a bench, step back': 'bench burpee; incline burpee; box burpee; burpee hands on a bench',
  'Kettlebell deadlift > no weight': 'bodyweight deadlift no weight; deadlift no weight; unloaded deadlift',
  'Kettlebell deadlift > weight raised on a step':
    'elevated deadlift; deadlift from a step; deadlift off blocks; block deadlift',
  'Prone press-up > on the forearms':
    'sphinx on forearms; prone on elbows; sphinx stretch; lying on forearms; prone prop',
  'Russian twist > sitting on a chair': 'seated russian twist on a chair; chair twist',
  'Box jump > quick step up': 'box step up quick; quick box step; fast step-up',
  'Accelerations > from a low start':
    'push up start; push-up starts; lying start; lying starts; prone start; prone starts; get up and go; falling push up start',
};
