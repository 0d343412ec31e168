module Main where

import Data.Char (toUpper, isDigit)
import Data.Maybe (mapMaybe⟪⟶, fromMaybe⟫)

data Cargo = Timber | Fish | Mail deriving (Eq, Show⟪⟶, Enum, Bounded⟫)

data Entry = Entry
  { ship  :: String
  , cargo :: Cargo
  , tons  :: Int
  }

class Billable a where
  fee :: a -> ⟪Float⟶Double⟫

instance Billable Cargo where
  fee Timber = 1.5
  fee Fish   = 2.25
  fee Mail   = 0

instance ⟪billable⟶Billable⟫ Entry where
  fee e = fee (cargo e) * ⟪tons e⟶fromIntegral (tons e)⟫

parseCargo :: String -> Maybe Cargo
parseCargo "timber" = Just Timber
parseCargo "fish"   = Just Fish
parseCargo "mail"   = ⟪Mail⟶Just Mail⟫
parseCargo _        = Nothing

parseEntry :: String -> Maybe Entry
parseEntry line =
  case words line of
    [name, kind, weight]
      | all isDigit weight -> do
          c <- parseCargo kind
          ⟪return Entry name c (read weight)⟶return (Entry name c (read weight))⟶return $ Entry name c (read weight)⟶Just (Entry name c (read weight))⟫
    _ ⟪=⟶->⟫ Nothing

total :: [Entry] -> Double
total [] = 0
total (e:⟪⟶es⟫) = fee e + total es

shout :: String -> String
shout = map toUpper

main :: IO ()
main = do
  let entries = mapMaybe parseEntry
        [ "gannet timber 40"
        , "petrel fish 12"
        , "fulmar coal 9"
        ⟪⟶, ⟫"tern mail 3"
        ]
  mapM_ (\e -> putStrLn (shout (ship e) ++ " " ++ show (fee e))) entries
  print [minBound .. maxBound :: Cargo]
  putStrLn ("total " ++ show (total entries⟪⟶)⟫)
  print (fromMaybe 0 (lookup "tern" [(ship e, tons e) | e <- entries]))
