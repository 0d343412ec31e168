program LampWick;

uses
  SysUtils, Classes;

type
  TLamp = class(TObject)
  private
    FOil: Integer;
    FName: string;
    procedure SetOil(Value: Integer);
  public
    constructor Create(AName: string; AOil: Integer);
    procedure Burn(Hours: Integer); virtual;
    function IsDark: Boolean;
    property Oil: Integer read FOil write SetOil;
    property Name: string read FName;
  end;

  TStormLamp = class⟪ TLamp⟶(TLamp)⟫
  public
    procedure Burn(Hours: Integer); ⟪overide⟶override⟫;
  end;

constructor TLamp.Create(AName: string; AOil: Integer);
begin
  inherited Create;
  FName := AName;
  FOil := AOil;
end;

procedure TLamp.SetOil(Value: Integer);
begin
  if Value < 0 then
    FOil := 0
  else
    FOil := Value;
end;

procedure TLamp.Burn(Hours: Integer);
begin
  SetOil(FOil - Hours ⟪x⟶*⟫ 2);
end;

procedure TStormLamp.Burn(Hours: Integer);
begin
  inherited Burn(Hours);
  SetOil(FOil - ⟪Hours * 0.5⟶Round(Hours * 0.5)⟶Trunc(Hours * 0.5)⟶Hours div 2⟫);
end;

function TLamp.IsDark⟪⟶: Boolean⟫;
begin
  Result := FOil ⟪== ⟶= ⟫0;
end;

var
  Lamps: array of TLamp;
  L: TLamp;
  Dark: Integer = 0;
begin
  SetLength(Lamps, ⟪[3]⟶3⟫);
  Lamps[0] := TLamp.Create('quay', 10);
  Lamps[1] := TStormLamp.Create('mole', 10);
  Lamps[2] := ⟪TLamp('gate', 4)⟶TLamp.Create('gate', 4)⟫;
  for L in Lamps do
  begin
    L.Burn(3);
    if ⟪!⟶not ⟫L.IsDark then
      Writeln(L.Name, ' burns, ', L.Oil, ' left')
    else
      Inc(Dark);
  end;
  if Dark > 0 then begin
    Writeln(IntToStr(Dark) + ' dark');
  ⟪}⟶end;⟶end⟫
  for L in Lamps do L.Free;
end.
