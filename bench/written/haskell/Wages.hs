module Main where

data Trade = Rigger | Cook | Mate deriving (Show, Eq)

data Hand = Hand String Trade [Int]

rateOf :: Trade -> Double
rateOf trade = case trade of
  Rigger -> 14.5
  Cook -> 12
  Mate ⟪-> "18"⟶-> 18⟫

hoursOf :: Hand -> Int
hoursOf (Hand _ _ hs) = sum hs

pay :: Hand -> Double
pay hand@(Hand _ trade _) = rateOf trade * ⟪hoursOf hand⟶fromIntegral (hoursOf hand)⟫

average :: [Double] -> Double
average xs = sum xs / ⟪length xs⟶fromIntegral (length xs)⟫

overtime :: Hand -> Bool
overtime hand = hoursOf ⟪⟶hand ⟫> 40

title :: Hand -> String
title (Hand name trade _) = name ++ " the " ++ ⟪trade⟶show trade⟫

payroll :: [Hand] -> IO ⟪⟶()⟫
payroll hands = do
  mapM_ line hands
  putStrLn ("average: " ++ show (average (map pay hands)))
  where
    line h = putStrLn (title h ++ " " ++ show (pay h⟪⟶)⟫)

raise :: Double -> [Double] -> [Double]
raise by = map (⟪\x = x * by⟶\x -> x * by⟫)

main :: IO ()
main = do
  let crew = [Hand "Odd" Rigger [8, 8, 9], Hand "Una" Cook [6, 6], Hand "Per" Mate [10, 12, 11, 9]]
  payroll crew
  print (raise 1.1 (map pay crew))
  print (map ⟪hand -> overtime hand⟶(\hand -> overtime hand)⟶overtime⟫ crew)
